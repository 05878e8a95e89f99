/**
 * Crafts as makers name them: a short key by which the tables of things name a craft | what it is called | its family: whose
 * crafts share tools and mess, and so a seat | other words for it | its starter list. A word with ! says the craft wherever it
 * stands in a line about a thing ("quilt books"); the others only where a craft is asked for. Common practice, no source.
 */
import { Crafts, type Craft, type Family } from '@heronstone/core/entry/crafts.ts';

const TEXT = `
cards | Paper cards | paper | card making!, cards, cardmaking!, greeting card, tag | Paper cards
scrap | Scrapbooks | paper | scrapbooking!, scrapbook!, memory keeping!, pocket page!, pocket album, photo album, memory book, layouts | Scrapbooks
plan | Planners | paper | planner!, planning, bullet journal!, journaling!, journal, art journal, junk journal!, diary | Planners and lettering
letter | Lettering | paper | lettering!, calligraphy!, hand lettering, penmanship | Planners and lettering
stamp | Stamping and inking | paper | stamping!, stamps, inking, embossing, rubber stamping | Stamping and inking
dies | Die and electronic cutting | paper | die cutting!, electronic cutting, die cuts | Die and electronic cutting
wrap | Gift wrap and shipping | paper | gift wrap!, gift wrapping!, wrapping!, shipping!, packing, parcels, presents, mailing, wrap | Gift wrap and shipping
fold | Papercraft | paper | papercraft, paper craft, origami!, quilling!, paper flowers, paper folding, paper cutting, decoupage!, paper mache, collage | Paper cards
book | Bookbinding | paper | bookbinding!, book binding!, bookmaking!, binding books | Bookbinding
sew | Sewing | cloth | sewing!, dressmaking!, dress making, tailoring, garments, clothes, clothing, bag making, bags, upholstery, mending!, alterations, costume, costumes, toys, dolls, soft furnishing, curtains, sew | Sewing
quilt | Quilting | cloth | quilting!, quilt!, patchwork! | Quilting
memb | Machine embroidery | cloth | machine embroidery! | Embroidery
vinyl | Vinyl and press | press | vinyl!, vinyl cutting!, heat transfer, htv!, sublimation!, t-shirts, shirts, heat press, pressing, iron-on | Vinyl and press
knit | Knitting | yarn | knitting!, knit!, knitted | Yarn
crochet | Crochet | yarn | crochet!, crocheting!, amigurumi! | Yarn
yarn | Yarn | yarn | yarn, wool, yarn craft, fibre arts | Yarn
weave | Weaving and spinning | yarn | weaving!, spinning!, loom, macrame!, felting!, needle felting!, tapestry | Yarn
hand | Embroidery | yarn | embroidery!, hand embroidery, cross stitch!, cross-stitch!, needlepoint!, needlework, stitching, punch needle!, sashiko!, beadwork embroidery, hand sewing, tatting!, lace making, stitch, embroider | Embroidery
jewel | Jewellery and beads | small | jewellery!, jewelry!, jewellery making!, jewelry making!, beading!, beadwork!, beads, bracelets, earrings, wire wrapping, metalwork, metal work, soldering | Jewellery and beads
leather | Leatherwork | small | leather!, leatherwork!, leathercraft!, leather work | 
paint | Painting | wet | painting!, watercolour!, watercolor!, acrylic painting!, oil painting!, acrylics, gouache, rock painting, glass painting, face painting, fine art, art, paint | Painting and drawing
draw | Drawing | wet | drawing!, sketching!, illustration, colouring, coloring, comics, pastel | Painting and drawing
print | Printing | wet | lino printing!, linocut!, lino!, lino cut!, block printing!, screen printing!, screenprinting!, printmaking!, print making!, gel printing, print | Painting and drawing
dye | Dyeing | wet | dyeing!, dying, tie dye!, batik!, marbling! | 
clay | Clay | wet | polymer clay!, clay!, air dry clay, modelling, modeling, sculpting, sculpture | Clay and resin
pot | Pottery | wet | pottery!, ceramics!, potting | Clay and resin
resin | Resin | wet | resin!, epoxy!, resin art, casting | Clay and resin
candle | Candles | wet | candle!, candles!, candle making!, wax melts | 
soap | Soap | wet | soap!, soap making!, bath bombs, cosmetics | 
wood | Woodwork | wood | woodwork!, woodworking!, wood carving!, carving!, whittling!, wood burning!, pyrography!, wood turning!, carpentry, furniture painting | Home decoration
model | Models | wood | model making!, modelling kits, miniatures!, dollhouse!, dolls house!, wargaming, scale models, model trains, puppet, theatre | 
decor | Home decoration | decor | home decoration, home decor!, decorating, wreath!, wreaths, seasonal decor, mosaics!, mosaic!, signs, upcycling | Home decoration
floral | Flowers | decor | floral!, flowers, flower arranging!, floristry!, dried flowers, pressed flowers | Home decoration
kids | Crafts with children | paper | kids!, children!, kids crafts, children's crafts, family crafts | 
`;

export const CRAFT_ROWS: readonly Craft[] = TEXT.trim()
  .split('\n')
  .map((line) => {
    const [key, name, family, words, list] = line.split('|').map((c) => c.trim()) as [
      string,
      string,
      Family,
      string,
      string,
    ];
    const said = [name.toLowerCase(), ...words.split(',').map((w) => w.trim())];
    return {
      key,
      name,
      family,
      words: said.map((w) => w.replace('!', '')),
      strong: said.filter((w) => w.endsWith('!')).map((w) => w.slice(0, -1)),
      list: list === '' ? null : list,
    };
  });

/** Keys that stand for several crafts in the tables of things. */
export const CRAFT_GROUPS: Readonly<Record<string, readonly string[]>> = {
  paper: ['cards', 'scrap', 'plan', 'letter', 'stamp', 'dies', 'fold', 'kids'],
  cloth: ['sew', 'quilt'],
  yarns: ['knit', 'crochet', 'yarn', 'weave'],
  art: ['paint', 'draw', 'letter'],
  mould: ['clay', 'pot', 'resin', 'candle', 'soap'],
  all: CRAFT_ROWS.map((c) => c.key),
};

export const CRAFTS_KNOWN = new Crafts(CRAFT_ROWS);
