/**
 * What everyday things are for and how many of them a household has: by the name of a thing in the tables of usual sizes, or by
 * its kind (@kind, @kind/form) where a thing says nothing of its own. One line each: names | crafts, by the keys of crafts.ts, the nearest first; + joins
 * those that are as near |
 * usual count of a plural; m where the word alone means many ("cardstock", "thread") | fetches a session | what it is usually
 * kept in. Empty columns leave it to the kind. Common practice, no source; guesses wherever
 * they are used, and marked so.
 */
import type { Everyday, Kind } from '@heronstone/core/entry/kinds.ts';
import { stems } from '@heronstone/core/entry/comparableWords.ts';
import { CRAFT_GROUPS } from './crafts.ts';
import { usedTogether } from './usedTogether.ts';

const TEXT = `
@abrasives | wood model clay pot resin decor | 20m | 1 | |
@adhesives | paper book wrap decor | 6 | 3 | |
@albums | scrap | 5 | 0.5 | |
@albums/sheets | scrap | 60 | 1 | |
@beads | jewel | 200 | 3 | box |
@beads/bottles | jewel | 40 | 3 | |
@beads/pieces | jewel | 6 | 2 | |
@blades | paper wood model leather | 5 | 0.3 | |
@blanks | vinyl | 15 | 1 | |
@blanks/bottles | vinyl | 12 | 0.5 | |
@blanks/soft | vinyl | 15 | 1 | |
@books | all | 20 | 0.5 | |
@brushes | paint | 15 | 3 | cup |
@brushes/bottles | paint | 3 | 3 | |
@canvas | paint | 8 | 1 | |
@card and paper | paper book | 60m | 3 | |
@card and paper/pieces | paper | 10 | 2 | |
@card and paper/rolls | fold kids decor | 4m | 1 | |
@clay | clay | 30m | 2 | |
@cleaning | all | 2 | 0.5 | |
@cleaning/soft | all | 4 | 0.5 | |
@cutting | all | 2 | 3 | |
@dies | dies cards scrap stamp | 60 | 3 | |
@display | jewel floral decor | 3 | 0.2 | |
@envelopes | cards wrap | 80 | 2 | |
@fabric | cloth memb | 20m | 1 | |
@fabric/rolls | sew quilt | 4 | 0.5 | |
@findings | jewel | 100 | 2 | box |
@findings/pieces | jewel decor | 8 | 0.5 | |
@floral | floral decor | 20m | 1 | |
@floral/pieces | floral decor | 6 | 0.5 | |
@frames | paint draw decor | 8 | 0.3 | |
@hoops | hand memb | 8 | 2 | |
@inks | stamp cards letter | 24 | 3 | |
@inks/bottles | stamp | 20 | 0.5 | |
@lights | all | 1 | 0.5 | |
@machines | all | 1 | 2 | |
@moulds | resin soap candle clay | 20 | 1 | |
@needles | cloth | 10 | 2 | |
@needles/loose | cloth | 200 | 3 | tin |
@packing | wrap | 20 | 1 | |
@packing/bottles | candle resin | 12 | 0.5 | |
@packing/loose | wrap | 60 | 0.5 | box |
@packing/soft | wrap | 2m | 0.5 | |
@paints | paint | 24m | 3 | |
@paints/set | paint | 2 | 2 | |
@patterns | sew quilt | 30 | 1 | |
@patterns/sheets | stamp cards scrap paint decor | 40 | 2 | |
@pens | paper draw | 24 | 3 | cup |
@pens/loose | paper draw | 48 | 1 | box |
@pens/set | paper draw | 2 | 2 | |
@photographs | scrap | 200 | 2 | |
@planners | plan scrap | 6 | 1 | |
@planners/sheets | plan scrap | 20 | 0.5 | |
@plates | dies cards | 4 | 2 | |
@powders | stamp cards | 16m | 1 | |
@press | cloth | 1 | 2 | |
@projects | all | 6 | 0.2 | |
@projects/soft | sew quilt knit crochet | 4 | 0.2 | |
@resin | resin | 2m | 1 | |
@safety | all | 2 | 0.5 | |
@seals | cards letter wrap | 6 | 0.5 | |
@seasonal | decor | 15 | 0.1 | |
@solvents | paint wood | 1m | 0.5 | |
@stamps | stamp cards scrap | 30 | 4 | |
@stickers | scrap plan cards | 40 | 2 | |
@tapes | paper wrap | 3 | 2 | |
@thread | cloth | 40m | 3 | |
@thread/loose | cloth | 30 | 3 | box |
@thread/pieces | hand | 2 | 2 | |
@tiles | decor | 200 | 0.5 | |
@tiles/pieces | decor | 8 | 0.5 | |
@tools | all | 3 | 2 | |
@tools/loose | all | 60 | 2 | box |
@tools/set | all | 1 | 2 | |
@trims | sew cards scrap | 20 | 1 | |
@trims/loose | sew cards scrap | 200 | 1 | jar |
@trims/rolls | sew quilt cards wrap | 20m | 1 | |
@trims/soft | sew quilt | 12m | 1 | |
@vinyl | vinyl | 20m | 2 | |
@vinyl/sheets | vinyl | 40 | 2 | |
@wax | candle soap | 3m | 1 | |
@wax/bottles | candle soap | 12 | 0.5 | |
@wax/loose | candle | 50 | 1 | |
@wire | jewel | 8m | 2 | |
@wood | wood model decor | 8 | 1 | |
@wood/loose | kids decor resin | 80 | 0.5 | |
@wrap | wrap | 8m | 1 | |
@wrap/loose | wrap cards | 60 | 1 | box |
@wrap/pieces | wrap | 20 | 1 | |
@yarn | yarns | 20m | 2 | |
Paper; copy paper; printer paper; typing paper | paper | 250m | 1 | |
Card; cardstock; card stock; cover stock | cards scrap stamp dies fold plan | 60m | 3 | |
Construction paper; sugar paper | kids fold | 80m | 1 | |
Tracing paper; layout paper; graph paper; grid paper; dot paper | paper draw sew quilt | 50m | 0.5 | |
Handmade paper; mulberry paper; rice paper; japanese paper | book+fold paint+print | 20m | 1 | |
Watercolour paper; watercolor paper; cold press paper; hot press paper; cold press; hot press | paint letter cards | 30m | 1 | |
Drawing paper; cartridge paper | draw paint | 40m | 1 | |
Printing paper | print | 60m | 1 | |
Foam board; foamboard; foam core; mount board; mat board; mountboard; matboard; poster board; posterboard | decor model scrap kids | 8 | 0.3 | |
Greyboard; chipboard; grey board; book board | book scrap dies | 12m | 0.5 | |
Vellum; acetate; transparency | cards scrap dies | 30m | 0.5 | |
Shrink plastic; shrink film | jewel kids stamp | 20m | 0.5 | |
Specialty paper; decorative paper; decoupage paper; patterned paper; designer paper | scrap+cards book fold | 150m | 3 | |
Endpaper; marbled paper | book | 30 | 1 | |
Paper scrap; card scrap; cardstock scrap; paper offcut; scrap of paper; scrap paper | cards scrap stamp fold | 100m | 1 | |
Watercolour pad; watercolor pad; drawing pad; sketch pad; tracing pad; marker pad; sketchbook; sketch book | paint+draw | 6 | 2 | |
Art journal | plan paint | 3 | 1 | |
Paper pad; pad of paper | cards scrap | 12 | 2 | |
Notepad; notebook; exercise book; composition book | plan | 6 | 1 | |
Photo paper | scrap | 60m | 1 | |
Greeting card; christmas card; birthday card; note card; finished card; blank card; card base; card blank | cards | 60 | 2 | |
Thank-you card; thank you card | cards wrap | 30 | 1 | |
Place card; business card; name card | cards wrap | 60 | 0.2 | |
Earring card | jewel | 100 | 1 | |
Index card; record card; journaling card | scrap plan | 100 | 1 | |
Sublimation paper | vinyl | 100m | 1 | |
Laminating pouch | plan kids | 100 | 0.3 | |
Stamp set; clear stamp; photopolymer stamp; polymer stamp; cling stamp | stamp cards scrap | 40 | 4 | |
Wood stamp; wooden stamp; rubber stamp; mounted stamp; wood-mounted stamp | stamp cards scrap | 30 | 2 | |
Date stamp; self-inking stamp | stamp plan | 2 | 0.5 | |
Stamp block; acrylic block | stamp cards | 8 | 4 | |
Stamping tool; stamp press; stamp platform | stamp cards | 1 | 3 | |
Stamp cleaner; stamp scrubber; scrubber pad | stamp cards | 1 | 2 | |
Ink pad; inkpad; stamp pad; dye ink; pigment ink | stamp cards scrap | 24 | 5 | |
Mini ink pad; ink cube; ink dot | stamp cards scrap | 24 | 2 | |
Reinker; re-inker; ink refill | stamp cards | 18 | 0.3 | |
Alcohol ink | resin paint stamp | 12 | 1 | |
India ink; drawing ink; calligraphy ink; bottled ink; ink bottle | letter draw | 6 | 2 | |
Printing ink; block printing ink; lino ink | print | 10m | 3 | |
Printer ink; ink cartridge; toner | all | 3m | 0.1 | |
Ink spray; spray ink; mist spray | stamp scrap | 12 | 1 | |
Essential oil; fragrance oil; fragrance; scent oil | soap+candle | 10 | 2 | |
Embossing powder | stamp cards | 16m | 1 | |
Mica powder; pigment powder; pigment | resin+clay+soap cards stamp | 12m | 1 | |
Glitter; microfine glitter | cards+scrap+kids decor resin clay soap | 16m | 1 | |
Texture paste; modelling paste; modeling paste; gel medium; crackle paste; molding paste; medium | stamp scrap paint | 5m | 1 | |
Gesso; gesso primer; primer; masking fluid; drawing gum | paint print | 1m | 1 | |
Die cutting machine; die cutter; embossing machine | dies cards scrap stamp | 1 | 3 | |
Cutting plate; die plate; machine plate | dies cards scrap | 4 | 3 | |
Embossing folder; 3D folder | dies cards scrap stamp | 30 | 2 | |
Magnetic sheet | dies cards | 15 | 1 | |
Cutting machine; electronic cutter; vinyl cutter; craft cutter; plotter | dies+vinyl | 1 | 3 | |
Machine mat; cutter mat; sticky mat; cutting machine mat; cutting mat for machine; mat for machine | dies+vinyl | 4 | 3 | |
Gel plate; printing plate | print stamp+cards paint | 2 | 2 | |
Palette knife; spatula | paint stamp+scrap+cards | 2 | 1 | |
Die storage pocket; storage pocket; stamp pocket | dies+stamp cards scrap | 30 | 0.3 | |
Anti-static tool | stamp+cards | 1 | 2 | |
Paper trimmer; trimmer; paper cutter; guillotine | paper book | 1 | 5 | |
Score board; scoring board; scoring tool; envelope maker; envelope punch board; punch board | cards scrap wrap | 1 | 3 | |
Hole punch; paper punch; punch; craft punch; shape punch; border punch; edge punch; corner rounder; corner punch | scrap cards plan | 10 | 2 | |
Eyelet setter; eyelet punch; eyelet tool | scrap cards book | 1 | 0.5 | |
Snap setter; grommet tool | sew leather | 1 | 0.5 | |
Brad; paper fastener; split pin | scrap cards kids | 100 | 1 | box |
Eyelet; grommet | scrap cards sew | 100 | 0.5 | box |
Staple; box of staples; stapler; paper clip; bulldog clip; binder clip; rubber band; elastic band | all | 50 | 0.5 | |
Gem; rhinestone; self-adhesive gem; adhesive pearl; gem sheet; enamel dot; epoxy dot; liquid pearl | cards scrap | 16 | 1 | |
Sequin; spangle | cards scrap sew hand | 2000m | 1 | jar |
Die-cut; die cut; ephemera; ephemera pack; embellishment; chipboard shape; titles cut out | scrap cards plan | 25 | 1 | |
Doily; paper doily; paper flower | cards scrap wrap | 30 | 0.5 | |
Foam square; foam pad; foam dot; glue dot; adhesive dot; foam tape; foam roll | cards+scrap | 10 | 4 | |
Tape runner; adhesive roller; tape gun; photo corner; photo-safe tape | cards+scrap stamp plan | 4 | 5 | |
Glue stick; paper glue stick; glue pen | paper | 6 | 3 | |
Glue; white glue; craft glue; school glue; tacky glue; liquid glue; PVA; PVA glue | paper+book decor wrap | 2m | 4 | |
Wood glue | wood+model+decor | 2m | 2 | |
Fabric glue; basting spray | sew quilt | 2m | 1 | |
Super glue; epoxy glue; contact glue; contact cement | jewel model wood leather decor | 2m | 1 | |
Jewellery glue; jewelry glue | jewel | 2m | 1 | |
Spray adhesive; spray glue; spray mount; adhesive spray | scrap cards book | 2 | 0.5 | |
Hot glue stick; glue gun stick; hot melt stick | decor floral kids | 30 | 2 | |
Hot glue gun; glue gun | decor floral kids cards | 1 | 2 | |
Double-sided tape; double sided tape; clear tape; sticky tape; invisible tape; office tape | paper wrap | 3m | 3 | |
Washi; washi tape; paper tape; decorative tape | plan+scrap+cards | 30m | 3 | |
Masking tape; painter's tape; painters tape; drafting tape | paint print paper wood decor | 3m | 1 | |
Duct tape; gaffer tape; cloth tape; electrical tape | wood decor | 2m | 0.3 | |
Packing tape; parcel tape; shipping tape; box tape; tape dispenser | wrap | 3m | 3 | |
Heat tape; heat-resistant tape | vinyl | 3m | 2 | |
Floral tape; florist tape; stem tape | floral | 4m | 2 | |
Letter sticker; alphabet sticker; number sticker; sticker; sticker sheet; decal; rub-on | scrap+plan+cards | 40 | 2 | |
Label; address label; sticky label | wrap | 50 | 1 | |
Photo album; scrapbook; scrapbook album; album; photo box; memory box | scrap | 4 | 0.5 | |
Art portfolio; portfolio | paint draw | 1 | 0.3 | |
Stencil; mask; layering stencil | stamp+scrap+cards+paint+decor | 40 | 2 | |
Template; ruler template; template plastic | quilt+sew paper | 8 | 1 | |
Bone folder; paper folder; scoring stylus | cards+scrap+book+fold | 2 | 4 | |
Stylus; ball stylus; embossing tool; paper piercer; piercing tool; pricker | cards scrap | 2 | 2 | |
Tweezers; tweezer; reverse tweezers | all | 2 | 3 | |
Quilling paper; quilling strip; quilling tool; origami paper | fold | 30m | 3 | |
Heat gun; heat tool; embossing gun; hot air gun; hot-air gun | stamp cards resin | 1 | 2 | |
Laminator; calculator; printer; scanner; label maker; shredder; monitor; tablet | all | 1 | 0.5 | |
Laptop; notebook computer | vinyl+dies+plan all | 1 | 2 | |
Photo printer | scrap | 1 | 0.5 | |
Typewriter | scrap plan | 1 | 0.5 | |
Binding machine; binding coil; binding comb; binding wire; comb binder; planner disc | plan book | 1 | 0.5 | |
Bookbinding thread; linen thread; waxed thread; waxed linen | book leather | 5m | 2 | |
Bookbinding needle | book | 10 | 2 | |
Book cloth; bookcloth; buckram | book | 5m | 1 | |
Beeswax; thread wax | book sew leather | 1m | 1 | |
Book press; nipping press; pressing board; punching cradle | book | 1 | 1 | |
Awl; bradawl; scratch awl; stitching awl | book leather sew | 2 | 2 | |
Brayer; ink roller; lino roller; roller; squeegee; baren; ink slab; inking plate; registration board | print | 2 | 3 | |
Lino; lino block; linoleum; lino sheet; printing block; carving block | print | 12m | 2 | |
Lino cutter; lino tool; linocut tool; gouge | print wood | 5 | 4 | |
Carving tool; carving tool set | wood print | 5 | 3 | |
Printing press; etching press; screen printing frame; silk screen; printing screen | print | 1 | 1 | |
Print drying | print | 20 | 0.3 | |
Printing plate | print | 1 | 1 | |
Print; picture print; art print | print paint | 20 | 0.2 | |
Photo; photograph | scrap | 200 | 2 | |
Thread; sewing thread; cotton thread; spool of thread; reel of cotton; sewing cotton; machine thread; polyester thread; reel of thread | cloth | 40m | 4 | |
Serger thread; overlock thread; overlocker thread; thread cone; cone of thread; serger cone; overlock cone | sew | 8m | 1 | |
Embroidery thread; machine embroidery thread | memb hand | 40m | 3 | |
Embroidery floss; floss; stranded cotton; embroidery cotton; perle cotton; floss card; floss bobbin; skein of floss; embroidery thread skein; skein of embroidery thread | hand | 150m | 4 | |
Floss box; floss organiser; floss organizer | hand | 3 | 3 | |
Quilting thread; hand quilting thread | quilt | 8m | 2 | |
Invisible thread | sew+quilt hand | 8m | 0.5 | |
Beading thread | jewel | 4m | 2 | |
Upholstery thread; jeans thread | sew leather | 3m | 0.5 | |
Bobbin case; bobbin box; bobbin holder | cloth | 1 | 1 | |
Needle; sewing needle; hand needle; hand sewing needle | cloth hand | 10 | 2 | |
Machine needle; sewing machine needle | cloth | 10 | 1 | |
Embroidery needle; tapestry needle | hand | 10 | 3 | |
Darning needle | knit+crochet+hand | 6 | 2 | |
Beading needle | jewel hand | 6 | 2 | |
Leather needle | leather | 6 | 2 | |
Safety pin; curved safety pin | cloth | 100 | 0.5 | tin |
T-pin; blocking pin; t pin | knit+crochet | 60 | 0.3 | tin |
Pin; straight pin; dressmaking pin; quilting pin; glass head pin | cloth | 200 | 4 | |
Pin cushion; pincushion; magnetic pin dish; pin dish; pin holder; needle case; needle book | cloth hand | 1 | 3 | |
Needle minder | hand | 3 | 2 | |
Needle threader; threader; thimble; bodkin | cloth hand | 2 | 1 | |
Scissors; shears; pair of scissors | all | 2 | 4 | |
Fabric scissors; fabric shears; dressmaking shears; dressmaker's shears; sewing scissors; tailor's shears | cloth | 1 | 4 | |
Embroidery scissors; small scissors; detail scissors; thread snips; snips; thread nippers | hand cloth yarns | 1 | 4 | |
Pinking shears | sew | 1 | 0.5 | |
Paper scissors; decorative scissors; edging scissors | paper wrap vinyl | 1 | 3 | |
Rotary cutter; roller cutter; fabric cutter | cloth | 1 | 4 | |
Rotary blade; rotary cutter blade | cloth | 4 | 0.3 | |
Quilting ruler; quilter's ruler; quilt ruler; acrylic ruler; patchwork ruler | quilt | 5 | 4 | |
Yardstick; metre stick; meter stick; metre rule; french curve; curve ruler; pattern curve; hem gauge; seam gauge | cloth | 2 | 1 | |
Cutting mat; self-healing mat; rotary mat; self healing mat | paper+cloth print book vinyl leather | 1 | 4 | |
Craft mat; silicone mat; silicone craft mat; glass mat; non-stick mat; heat mat; media mat | stamp+resin+clay scrap+paint | 1 | 3 | |
Seam ripper; unpicker; stitch ripper | cloth | 3 | 3 | |
Tape measure; measuring tape | cloth knit crochet | 2 | 3 | |
Chalk; tailor's chalk; tailors chalk; chalk pencil; marking chalk | cloth | 3m | 2 | |
Fabric pen; fabric marker; marking pen | cloth | 5 | 2 | |
Water-soluble pen; water soluble pen; erasable pen | hand quilt sew | 4 | 2 | |
Sewing clip; fabric clip; quilting clip; binding clip; wonder clip | cloth | 60 | 3 | |
Sewing machine | cloth | 1 | 3 | |
Overlocker; serger; overlock machine; coverstitch; coverlock | sew | 1 | 1 | |
Embroidery machine | memb | 1 | 2 | |
Long arm; longarm; quilting machine; mid arm | quilt | 1 | 1 | |
Presser foot; zip foot; zipper foot; buttonhole foot; quilting foot; darning foot; walking foot; sewing foot; machine foot; sewing feet; presser feet; machine feet; foot pedal; foot control; extension table | cloth | 10 | 1 | |
Iron; steam iron; travel iron; mini iron; pressing iron; ironing board; sleeve board; tailor's ham; tailors ham; pressing ham; seam roll; clapper; pressing cloth; spray starch; starch; garment steamer | cloth | 1m | 3 | |
Wool mat; wool pressing mat; ironing mat; pressing mat; ironing pad | cloth | 1 | 3 | |
Press pillow; heat press pillow; press sheet; non-stick sheet | vinyl | 3 | 1 | |
Spray bottle; water spray; mister | all | 1 | 1 | |
Fabric; cotton fabric; quilting cotton; cotton; cloth; dress fabric | cloth | 25m | 1 | |
Dress fabric; vinyl fabric; faux leather; jersey; knit fabric; denim; lining; lining fabric; satin; silk; chiffon; tulle; velvet; corduroy; linen | sew | 12m | 1 | |
Backing fabric | quilt | 5m | 0.5 | |
Quilting cotton; quilt fabric | quilt | 25m | 1 | |
Fat quarter; fat eighth; fabric quarter; charm pack; precut; pre-cut; fat quarter bundle; jelly roll; layer cake; fabric strip roll; fabric strip; hexagon paper | quilt | 30 | 2 | |
Charm pack; charm square; precut; pre-cut; fat quarter bundle; jelly roll; layer cake; fabric strip roll | quilt | 8 | 1 | |
Fabric scrap; scrap fabric; fabric remnant; remnant; fabric offcut; cotton scrap; denim offcut | cloth | 12m | 1 | |
Felt; wool felt; craft felt; felt sheet; felt square | sew+hand+kids | 30m | 1 | |
Batting; wadding; quilt batting; quilt wadding | quilt | 2m | 0.3 | |
Fiberfill; fibrefill; stuffing; toy stuffing; poly fill; toy filling | sew+crochet | 2m | 0.5 | |
Interfacing; fusible interfacing; fusible web; iron-on interfacing; bonding web | sew quilt | 5m | 1 | |
Stabiliser; stabilizer; tear-away; cut-away | memb hand | 4m | 2 | |
Pillow form; cushion pad; foam; upholstery foam; shoulder pad | sew | 6m | 0.3 | |
Aida; aida cloth; evenweave; cross-stitch fabric; cross stitch fabric; linen for stitching | hand | 10m | 1 | |
Linen; linen fabric; canvas fabric | sew hand book | 8m | 1 | |
Burlap; hessian | decor sew | 2m | 0.3 | |
Fleece; fleece fabric; polar fleece; sherpa; fur fabric | sew | 5m | 0.5 | |
Cross-stitch kit; cross stitch kit; embroidery kit; needlepoint kit | hand | 5 | 0.2 | |
Sewing kit; knitting kit; craft kit | all | 3 | 0.2 | |
Stretcher bar; scroll frame; embroidery frame; slate frame; hoop; embroidery hoop | hand memb | 8 | 2 | |
Zip; zipper; invisible zip; zip by the yard; zipper pull; snap; press stud; snap fastener; popper; hook and eye; hooks and eyes; hook and loop; hook and loop tape; elastic; bias tape; bias binding; seam binding; hem tape | sew | 25 | 1 | |
Snap; press stud; snap fastener; popper; hook and eye; hooks and eyes | sew | 100 | 0.5 | box |
Hook and loop; hook and loop tape; hook and loop fastener | sew | 3m | 0.5 | |
Elastic; elastic roll | sew | 6m | 1 | |
Bias tape; bias binding; seam binding; hem tape | sew quilt | 15m | 1 | |
Button | sew cards scrap knit | 300 | 1 | jar |
Toy eye; safety eye; doll eye | crochet sew | 80 | 1 | box |
Ribbon; satin ribbon; grosgrain ribbon; velvet ribbon | sew+cards+wrap+decor+floral scrap+quilt | 20m | 1 | |
Bow; gift bow | wrap | 30 | 1 | |
Wired ribbon | floral+decor+wrap sew | 14m | 1 | |
Curling ribbon | wrap | 8m | 2 | |
Lace; lace trim; trim; trimming; braid; ric rac; rickrack; piping; fringe; bunting; edging | sew quilt cards scrap | 12m | 1 | |
Ribbon scrap; ribbon offcut | cards scrap sew | 20m | 1 | |
Twine; baker's twine; bakers twine; string; jute twine; raffia | cards+wrap scrap decor | 3m | 1 | |
Macrame cord; macrame rope; macramé cord | weave | 8m | 2 | |
Leather cord; leather thong; leather lace; thonging; waxed cord; rattail; stretch cord; beading elastic | jewel leather | 4m | 2 | |
Webbing; strap; bag strap; belt webbing; purse handle; bag handle; bag hardware; purse frame; d-ring; buckle; magnetic snap | sew leather | 15 | 0.5 | |
Rivet; chicago screw; snap hook | leather sew | 60 | 1 | box |
Googly eye; pom pom; pipe cleaner; feather | kids decor | 100 | 0.5 | jar |
Sewing pattern; dress pattern; dressmaking pattern; pattern; pattern envelope; paper pattern; pattern paper | sew | 40 | 1 | |
Pattern paper; dot and cross paper | sew | 1m | 0.5 | |
Quilt pattern | quilt | 20 | 1 | |
Pattern weight; sewing weight | sew | 8 | 1 | |
Pattern notcher; tracing wheel; pounce wheel; dress form; dressmaker's dummy; dressmakers dummy; mannequin; dress dummy; tailor's dummy; coat hanger | sew | 1 | 0.3 | |
Lint roller; lint brush | vinyl sew | 1 | 1 | |
Yarn; wool; knitting wool; knitting yarn; acrylic yarn; chunky yarn; cotton yarn; ball of wool; ball of yarn | yarns | 20m | 2 | |
Yarn scrap; yarn oddment; leftover yarn; yarn leftover; yarn end | yarns | 20m | 0.5 | |
Wool roving; roving; felting wool; felting needle; felting pad | weave | 15m | 2 | |
Tapestry wool; crewel wool | hand weave | 40m | 2 | |
Crochet hook; tunisian hook | crochet yarn | 12 | 3 | cup |
Knitting needle; straight needle; circular needle; double-pointed needle; double pointed needle; dpn; interchangeable needle set; cable needle; stitch holder; knitting machine | knit yarn | 14 | 3 | cup |
Circular needle; circular knitting needle | knit yarn | 14 | 3 | |
Stitch marker | yarns | 60 | 3 | box |
Row counter | yarns | 1 | 2 | |
Yarn winder; ball winder; wool winder; swift; yarn swift; yarn bowl; blocking mat; blocking board; blocking wire | yarns | 1 | 0.5 | |
Pompom maker; pom pom maker; tassel maker | knit crochet kids | 3 | 0.3 | |
Blocking mat; blocking board | knit+crochet | 9 | 0.3 | |
Spinning wheel; drop spindle; drum carder; hand carder; loom; table loom; peg loom; weaving shuttle; shuttle | weave | 1 | 1 | |
Project bag; knitting bag; craft bag | knit+crochet hand | 4 | 3 | |
Leather; leather hide; hide; leather skin; suede; leather scrap; leather offcut; leather punch; leather tool; stitching chisel; pricking iron; edge beveler; leather dye | leather book | 6m | 1 | |
Vinyl; adhesive vinyl; heat transfer vinyl; htv; iron-on vinyl; vinyl roll; transfer tape; weeding tool; weeder; scraper; burnisher; heat press; mug press; hand press; vinyl scrap | vinyl | 15m | 2 | |
Transfer tape; application tape | vinyl | 2m | 2 | |
Weeding tool; weeder; scraper; heat press; mug press; hand press | vinyl | 2 | 3 | |
T-shirt; blank shirt; tote bag; cap; mug; tumbler; keyring; keychain; coaster; blank mug; blank t-shirt | vinyl | 12 | 1 | |
Towel; tea towel; napkin; handkerchief | vinyl sew hand | 6 | 0.5 | |
Acrylic paint; acrylic; craft paint; paint; paint tube | paint decor kids model | 24m | 3 | |
Oil paint; watercolour tube; watercolor tube; gouache; watercolour set; watercolor set; watercolour; watercolor | paint letter cards+stamp | 18m | 2 | |
Fabric paint; silk paint | sew vinyl paint | 8m | 1 | |
Chalk paint; furniture paint; spray paint | decor wood | 4m | 1 | |
Varnish; lacquer; sealer; wood stain; wood oil; varnish spray; fixative; fixative spray | paint wood decor draw | 1m | 1 | |
Turpentine; turps; white spirit; mineral spirits; paint thinner; solvent; thinner; brush cleaner | paint wood | 1m | 1 | |
Isopropyl alcohol; rubbing alcohol; acetone | resin clay stamp | 1m | 1 | |
Fabric dye; dye; natural dye; dye bottle; liquid dye; dye pot | dye | 10m | 2 | |
Glaze; underglaze; pottery tool | pot | 10 | 2 | |
Potter's wheel; kiln; banding wheel | pot | 1 | 2 | |
Paint brush; paintbrush; brush; watercolour brush; foam brush; wide brush; flat brush | paint+model+decor pot | 15 | 4 | cup |
Blending brush; ink blending tool; dauber; blending tool | stamp cards scrap | 12 | 3 | cup |
Stencil brush | stamp decor paint | 5 | 1 | cup |
Glue brush | book fold | 4 | 2 | |
Water brush; aqua brush | paint letter cards+stamp | 4 | 2 | cup |
Palette; paint palette; water jar; water pot; easel; table easel; floor easel; canvas; canvas board; canvas panel; stretched canvas; canvas roll | paint | 3 | 2 | |
Canvas; stretched canvas; blank canvas; canvas board; canvas panel; art board | paint | 8 | 1 | |
Blending stump; charcoal; pastel; soft pastel; graphite stick; pastel stick | draw paint | 12m | 1 | |
Soft pastel; pastel | draw paint | 2 | 1 | |
Craft stick; lolly stick; popsicle stick; ice cream stick | kids+resin decor | 60 | 1 | |
Mixing cup; measuring cup; silicone cup; stirring stick; stir stick; mixing stick | resin paint candle soap | 30 | 2 | |
Marker; felt tip; felt pen; highlighter; permanent marker | draw+kids+paper | 24 | 3 | cup |
Alcohol marker; dual tip marker; brush marker; twin marker; alcohol marker refill | stamp cards draw | 36 | 4 | cup |
Brush pen; lettering pen; calligraphy marker; fountain pen; dip pen; nib | letter plan cards | 12 | 4 | cup |
Pen; ballpoint; gel pen; glitter pen; fineliner; technical pen; rollerball; journaling pen | plan+scrap+cards+letter+draw | 15 | 3 | cup |
Paint pen; paint marker; chalk marker; acrylic marker | paint decor cards | 12 | 2 | cup |
Pencil; mechanical pencil; eraser; rubber; pencil sharpener; sharpener | all | 12 | 3 | cup |
Eraser; rubber; pencil sharpener; sharpener | draw+paint paper | 4 | 2 | |
Graphite pencil; drawing pencil; sketching pencil | draw+paint | 16 | 3 | cup |
Coloured pencil; colored pencil; colouring pencil; watercolour pencil | draw paint cards kids | 36 | 3 | cup |
Crayon; wax crayon; box of crayons | kids | 48 | 1 | box |
Light pad; light box; lightbox; light table; tracing light | draw letter scrap quilt | 1 | 1 | |
Magnifier; magnifying glass; magnifying lamp; magnifier lamp | hand jewel model | 1 | 2 | |
Fairy light; string light; light bulb | decor | 5 | 0.2 | |
Camera; tripod; phone holder; ring light | all | 1 | 0.3 | |
Bead; glass bead; gemstone bead; seed bead | jewel | 300 | 3 | box |
Wooden bead; wood bead | weave jewel kids | 100 | 1 | box |
Seed bead tube; tube of seed beads | jewel | 40 | 3 | |
Bead box; bead organiser; bead tray; bead case | jewel | 4 | 3 | |
Jump ring; crimp; crimp bead; head pin; eye pin; headpin | jewel | 200 | 3 | box |
Earring hook; ear wire; clasp; lobster clasp; charm; pendant; earring finding; earring post | jewel | 60 | 2 | box |
Chain; necklace chain | jewel | 6m | 1 | |
Pliers; round-nose pliers; round nose pliers; flat-nose pliers; flat nose pliers; crimping pliers; flush cutters; flush cutter; side cutters; wire cutters | jewel | 1 | 4 | |
Bead mat; bead board; bead loom; bead reamer; bead spinner; jewellery hammer; jewelry hammer; bench block; ring mandrel; mandrel; ring sizer; third hand; tumbler polisher; display bust; pickling solution | jewel | 1 | 2 | |
Hammer | wood jewel leather decor | 1 | 1 | |
Soldering iron; soldering station; solder; flux; butane torch; micro torch; torch jewellery; butane | jewel | 1m | 1 | |
Wood burner; wood burning tool; pyrography pen | wood | 1 | 2 | |
Copper foil; stained glass; glass sheet; glass piece | decor | 10m | 1 | |
Mosaic tile; tessera | decor | 200m | 0.5 | |
Pebble; sea glass; shell; seashell | decor resin jewel | 40 | 0.3 | jar |
Plaster; plaster of paris; cement | decor model clay | 1m | 0.3 | |
Polymer clay; oven clay; air-dry clay; air dry clay; modelling clay; modeling clay; liquid clay | clay kids model | 30m | 2 | |
Air-dry clay; air dry clay; modelling clay; liquid clay | clay+kids+pot model | 2m | 1 | |
Stoneware clay; pottery clay; porcelain clay; bag of clay | pot | 2m | 1 | |
Clay tool; modelling tool; modeling tool; sculpting tool; clay cutter; texture mat; texture sheet; rolling pin; clay roller; clay extruder; clay blade; baking tile; pasta machine; clay conditioner; toaster oven; craft oven | clay pot | 8 | 2 | |
Rolling pin; clay roller; pasta machine; toaster oven; craft oven; baking tile; clay extruder | clay | 1 | 2 | |
Clay cutter; cookie cutter; shape cutter | clay | 24 | 2 | |
Clay mould; clay mold | clay | 15 | 1 | |
Mould; mold; silicone mould; silicone mold; resin mould; resin mold | resin+soap+candle clay | 25 | 1 | |
Soap mould; soap mold; soap base; lye | soap | 4 | 1 | |
Candle mould; candle mold; candle wax; soy wax; candle jar; candle tin | candle | 6m | 1 | |
Epoxy resin; resin; casting resin; hardener; resin hardener; uv resin; resin kit | resin | 2m | 1 | |
Resin pigment; resin dye; resin tint; pigment paste | resin | 12 | 1 | |
UV lamp; uv light; curing lamp | resin | 1 | 1 | |
Kitchen scale; scale; digital scale; weighing scale; thermometer | resin+soap+candle+dye | 1 | 1 | |
Parcel scale; postal scale; shipping scale | wrap | 1 | 2 | |
Hand mixer; stick blender; blender; hot plate; hotplate | soap+candle dye | 1 | 1 | |
Dried flower; pressed flower | floral resin candle cards | 30 | 1 | |
Baking parchment; parchment; parchment paper; baking paper | clay vinyl | 1m | 1 | |
Freezer paper; waxed paper | quilt sew vinyl | 1m | 0.5 | |
Kraft paper; kraft; brown paper; kraft paper roll | wrap paper | 1m | 1 | |
Wrapping paper; gift wrap; wrapping roll; wrapping paper roll; cellophane | wrap | 10m | 1 | |
Tissue paper; tissue shred; shredded paper; bubble wrap; packing paper | wrap | 6m | 1 | |
Gift bag; gift box; gift tag; tag; present; gift; present to wrap | wrap | 15 | 1 | |
Gift tag; tag; price tag; swing tag | wrap cards | 60 | 1 | |
Padded envelope; shipping box; mailing box; poly mailer; mailing tube | wrap | 20 | 2 | |
Jewellery gift box; jewelry gift box; small gift box; earring box | jewel | 30 | 1 | |
Zip bag; zip-top bag; resealable bag; clear bag; cellophane bag; organza bag; drawstring bag | jewel cards wrap | 60 | 0.5 | |
Wooden sign; sign; plaque; picture frame; photo frame; frame; shadow box | decor paint | 6 | 0.3 | |
Frame; picture frame | paint draw decor | 8 | 0.3 | |
Wreath; wreath frame; wreath form; silk flower; floral foam; floral wire; stem wire | floral decor | 6 | 0.5 | |
Silk flower; artificial flower; greenery; floral wire | floral decor | 30 | 0.5 | |
Dowel; plywood; balsa; basswood; plank; wood block; carving wood | wood model weave | 8m | 1 | |
Wood carving knife; whittling knife; chisel; rasp; file; hand saw; saw; coping saw; sandpaper; sanding block; cordless drill; drill; rotary tool; scroll saw; jigsaw; sander; clamp; screwdriver; drill bit set | wood model decor | 2 | 2 | |
Sandpaper; sanding sheet; sanding sponge; sanding block | wood+model+resin+decor clay | 15m | 1 | |
Clamp; g-clamp; spring clamp | wood book model | 6 | 1 | |
Craft knife; hobby knife; scalpel; precision knife; detail knife | paper+book+print model leather | 1 | 3 | |
Craft knife blade; hobby blade; scalpel blade; knife blade | paper+book+print model | 20 | 0.3 | |
Cutter blade; blade; blades for the cutter | dies+vinyl paper | 5 | 0.3 | |
Paring knife | book leather | 1 | 1 | |
Utility knife; box cutter | wrap wood decor | 1 | 1 | |
Ruler; steel ruler; metal ruler; straight edge; steel rule; set square; protractor; compass | paper+book+sew draw+print+leather | 2 | 3 | |
Screw; nail; screw eye; picture hook; hinge; magnet; handle; knob | wood decor model | 60 | 0.5 | box |
Miniature; model kit; figurine; dollhouse miniature | model | 15 | 1 | |
Airbrush; compressor; airbrush kit; airbrush compressor; paint sprayer | model paint | 1 | 1 | |
3d printer; filament; laser cutter; cnc | model wood | 1m | 1 | |
Nitrile glove; rubber glove; respirator; glove | resin dye soap paint | 1 | 1 | |
Safety glasses; goggles; dust mask | wood model resin jewel | 2 | 0.5 | |
Apron; craft apron | paint pot clay dye print | 1 | 1 | |
Paper towel; kitchen roll; wet wipe; baby wipe; wipes | all | 2m | 1 | |
Rag; cleaning cloth | paint print wood | 10 | 1 | |
Christmas decoration; holiday ornament; bauble | decor | 25 | 0.1 | |
Quilt book | quilt | 12 | 0.5 | |
Knitting pattern; knitting book | knit | 25 | 1 | |
Crochet pattern; crochet book | crochet | 20 | 1 | |
Cross-stitch chart; cross stitch chart; chart | hand | 30 | 2 | |
Magazine; craft magazine | all | 25 | 0.2 | |
Storage tin; metal tin; empty tin; tin; tin box; basket; storage basket; plastic bin; storage bin; storage box; plastic box | none | 4 | 0.3 | |
Extension lead; extension cord; charger; phone charger; battery; batteries; cable; first aid kit; headphone; fan | none | 1 | 0.3 | |
Battery; batteries | none | 12 | 0.1 | |
Layout; scrapbook layout; page layout | scrap | 8 | 1 | |
Card kit; card making kit | cards | 3 | 0.3 | |
Scrapbook kit; page kit | scrap | 3 | 0.3 | |
Finished earring; finished jewelry; finished jewellery | jewel | 12 | 0.1 | |
Finished book | book | 8 | 0.1 | |
Finished dress; dress; skirt; blouse; finished garment; clothes; mending; mending pile; repair pile | sew | 4 | 0.3 | |
Finished card | cards | 25 | 0.2 | |
Finished painting; unfinished painting; painting | paint | 8 | 0.1 | |
Finished quilt; quilt; quilt top | quilt | 3 | 0.1 | |
Stamp | stamp cards scrap | 40 | 4 | |
Decorative paper; decoupage paper | book fold cards scrap | 50m | 1 | |
Tiny die cut; small die cut; punched shape; confetti | cards scrap kids | 300 | 1 | jar |
Yarn cake; cake of yarn | yarns | 10 | 2 | |
Pint jar; quart jar; mason jar | candle | 12 | 0.5 | |
Foam applicator; applicator; foam dauber | stamp cards paint | 12 | 2 | |
Half pan; watercolour half pan; watercolor half pan; full pan; watercolour pan; watercolor pan; paint pan | paint | 24 | 3 | |
Drying rack; print drying rack; art drying rack | print+paint | 1 | 0.5 | |
Curtain hook; curtain ring | sew | 60 | 0.2 | |
Deco mesh; mesh ribbon | floral+decor | 10 | 1 | |
Diamond drill; diamond dot | hand+paint+kids | 5000m | 2 | box |
Diamond painting kit; diamond painting | hand+paint+kids | 4 | 0.2 | |
Play dough; modelling dough; dough | kids clay | 8m | 1 | |
Paper piecing paper | quilt | 200m | 1 | box |
Pony bead | kids+jewel | 400 | 2 | box |
Washable paint; finger paint | kids | 8m | 1 | |
Wick; candle wick | candle | 50 | 1 | |
Wax melter; melting pot | candle+soap | 1 | 1 | |
Metallic thread; metal thread | hand+memb sew quilt | 8m | 1 | |
Ribbon roll | sew+cards+wrap+decor+floral scrap+quilt | 20m | 1 | |
Foil sheet; foil; gold leaf | cards+scrap decor paint | 6m | 1 | |
Foil machine | cards+dies scrap | 1 | 1 | |
Gift card holder | cards wrap | 20 | 0.5 | |
Sewing machine oil | sew+quilt memb | 1m | 0.2 | |
Bobbin winder; thread stand | sew+quilt memb | 1 | 1 | |
Seam guide | sew+quilt | 2 | 1 | |
Fabric panel; panel | quilt sew | 6 | 0.5 | |
Binding strip | quilt sew | 10 | 1 | |
Iron-on letter | vinyl sew | 6 | 1 | |
Mallet; stitching pony; skiving knife | leather | 1 | 2 | |
Foam cutter | model+decor | 1 | 1 | |
Kiln shelf | pot | 6 | 0.2 | |
Tile nipper; grout; mortar | decor | 1 | 0.5 | |
Label roll; printer roll | wrap plan | 4 | 0.2 | |
Paper plate; paper cup | kids | 40 | 0.3 | |
Craft foam; foam sheet for crafts | kids+cards scrap | 30m | 0.5 | |
Palette paper | paint | 2 | 1 | |
Poster paint; tempera | kids+paint | 12m | 1 | |
Drawing board | draw+paint | 1 | 1 | |
Postage stamp | wrap cards | 3 | 0.5 | |
Label maker tape | all | 3 | 0.1 | |
Newsprint | print+draw wrap | 60m | 0.5 | |
Crochet cotton; crochet thread | crochet | 15m | 2 | |
Blanket; throw; unfinished blanket | crochet+knit quilt | 2 | 0.3 | |
`;

/** By stems of names and by @kinds; of a name that stands in two lines the last one counts. */
const ROWS: ReadonlyMap<string, Partial<Everyday>> = new Map(
  TEXT.trim()
    .split('\n')
    .flatMap((line) => {
      const [names, crafts, count, fetches, keptIn] = line.split('|').map((c) => c.trim()) as [
        string,
        string,
        ...string[],
      ];
      const ranks = crafts.split(' ').map((rank) => rank.split('+').flatMap((c) => CRAFT_GROUPS[c] ?? [c]));
      const row: Partial<Everyday> = {
        crafts: crafts === 'none' ? [] : ranks,
        ...(count ? { usual: Number.parseInt(count, 10), mass: count.endsWith('m') } : {}),
        ...(fetches ? { fetches: Number(fetches) } : {}),
        ...(keptIn ? { keptIn } : {}),
      };
      return names.split(';').map((name) => [keyOf(name), row] as const);
    }),
);

function keyOf(name: string): string {
  return name.trim().startsWith('@') ? name.trim() : stems(name).join(' ');
}

const OTHERWISE: Everyday = { crafts: [], usual: 4, mass: false, fetches: 1, keptIn: null, beside: null };

/** What is known of a thing by the words that were used for it, else by its kind. */
export function everydayOf({
  name,
  main,
  category,
  form,
}: Pick<Kind, 'name' | 'main' | 'category' | 'form'>): Everyday {
  const [kind, formed] = [ROWS.get(`@${category}`), ROWS.get(`@${category}/${form}`)];
  return {
    ...OTHERWISE,
    ...kind,
    ...formed,
    ...(ROWS.get(keyOf(name)) ?? ROWS.get(keyOf(main ?? name))),
    beside: usedTogether(name),
  };
}

/** Whether the table speaks of a thing by its name. */
export const isNamed = (name: string): boolean => ROWS.has(keyOf(name));

/** The names of things that the table speaks of. */
export const EVERYDAY_NAMES: readonly string[] = [...ROWS.keys()].filter((k) => !k.startsWith('@'));
