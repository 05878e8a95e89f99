s=open('core/search/namesCost.ts').read()
s=s.replace("    if (fine(best.at)) break;","    console.log(weight, 'time', timeOf(p, best.at)/60, outOf(best.at), 'quick', timeOf(p, quick.at)/60, outOf(quick.at), 'cost', costOf(p,best.at)/60);\n    if (fine(best.at)) break;")
open('core/search/namesCost.ts','w').write(s)
