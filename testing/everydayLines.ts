/**
 * Lines as tired people type them on a first evening: hardly a size, packs, boxes and yards, both systems. Written
 * before the reader was made to read them. Columns: units of the plan (i inches, m metric) | line | count | form |
 * size in mm, in the order of the form | kind. A count or size behind ~ nobody typed: it is a guess that has to be
 * marked as one, right within a factor of 2.5 (count) and of 2 in each direction (size). ? is a size that is not known.
 * Forms and kinds with / between them are both right.
 */
const TEXT = `
i | 60 spools of thread | 60 | rolls | ~55x25x25 | thread
i | box of sequins | ~500 | loose | ~6x6x1 | trims/beads
i | heat gun 10 in | 1 | pieces | ~254x90x80 | machines/tools
i | half a ream of paper | 250 | sheets | ~279x216x0.1 | card and paper
i | 3 packs of paper | ~300 | sheets | ~279x216x0.1 | card and paper
i | 350 buttons in 3 jars | 350 | loose | ~16x16x4 | trims
i | 50 paper bags | 50 | pieces/sheets | ~330x200x2 | wrap/packing
i | spray can, matte varnish | 1 | bottles | ~200x65x65 | solvents/paints
i | 6 poster boards 22 x 28 in | 6 | sheets | ~711x559x0.6 | card and paper
i | 20 price tags 2 x 1 in | 20 | loose/sheets | ~51x25x0.5 | wrap/packing
i | sewing machine | 1 | machine | ~410x200x310 | machines
i | 12 embroidery hoops | 12 | pieces | ~200x190x18 | hoops
i | 5 yards cotton fabric 44 in wide | 1/5 | soft | ~300x200x50 | fabric
i | 3 packs of 25 cardstock 12x12 | 75 | sheets | 304.8x304.8x~0.27 | card and paper
i | cutting mat 24 x 36 | 1 | pieces | 914x610x~3 | cutting
i | two rotary cutters | 2 | pieces | ~190x50x25 | cutting
i | 4 lb polymer clay in 8 blocks | 8 | pieces | ~80x60x40 | clay
i | 18 skeins worsted yarn | 18 | soft | ~160x80x70 | yarn
i | pair of fabric scissors | 1 | pieces | ~240x90x20 | cutting
i | 2 pairs of pinking shears | 2 | pieces | ~230x90x22 | cutting
i | dozen fat quarters | 12 | soft | ~280x200x8 | fabric
i | 40 quilting cotton fat quarters | 40 | soft | ~280x200x8 | fabric
i | iron | 1 | pieces/machine | ~290x130x160 | machines
i | seam rippers x 3 | 3 | pieces | ~130x15x12 | tools
i | thread, 24 | 24 | rolls | ~55x25x25 | thread
i | bobbins (30) | 30 | loose | ~21x21x11 | thread
i | 10 zippers | 10 | pieces | ~220x35x6 | trims
i | 14 in zippers, 8 of them | 8 | pieces/long | ~356x35x6 | trims
i | bias tape 6 packs | 6 | pieces | ~110x90x15 | trims
i | roll of batting | 1 | rolls/soft | ~600x450x200 | fabric
i | elastic 1/2 in, 10 yards | 1 | rolls/pieces | ~13x60x60 | trims
i | 100 straight pins | 100 | loose | ~30x4x4 | needles
i | pin cushion | 1 | pieces | ~80x80x60 | needles/tools
i | 200 safety pins | 200 | loose | ~38x8x4 | needles
i | 24 colored pencils | 24 | pieces | ~175x8x8 | pens
i | set of 48 markers | 1 | set | ~230x150x60 | pens
i | 72 alcohol markers | 72 | pieces | ~150x17x17 | pens
i | box of crayons | 1 | pieces/set | ~120x75x30 | pens
i | 15 glue sticks | 15 | pieces | ~100x20x20 | adhesives
i | hot glue gun | 1 | pieces | ~200x170x40 | machines/tools
i | bag of hot glue sticks | ~25 | pieces | ~100x11x11 | adhesives
i | decoupage glue, 2 jars | 2 | bottles | ~90x75x75 | adhesives
i | 8 oz bottle of tacky glue | 1 | bottles | ~150x55x55 | adhesives
i | 30 acrylic paints 2 fl oz | 30 | bottles | ~115x38x38 | paints
i | 12 tubes of oil paint | 12 | pieces | ~140x35x30 | paints
i | watercolor set | 1 | set/pieces | ~230x110x25 | paints
i | 25 paint brushes | 25 | pieces | ~200x10x10 | brushes
i | 6 canvases 11x14 | 6 | pieces | 356x279x~18 | canvas
i | sketchbook | 1 | pieces | ~300x215x18 | books
i | 4 pads watercolor paper 9 x 12 | 4 | pieces | ~305x229x8 | card and paper
i | 100 sheets cardstock | 100 | sheets | ~279x216x0.27 | card and paper
i | white cardstock, 2 reams | ~500 | sheets | ~279x216x0.27 | card and paper
i | legal paper 100 | 100 | sheets | 355.6x215.9x~0.1 | card and paper
i | patterned paper 12x12, about 150 | 150 | sheets | 304.8x304.8x~0.2 | card and paper
i | 6x6 paper pads, 9 | 9 | pieces | 152x152x~12 | card and paper
i | 45 clear stamp sets | 45 | pieces | ~178x127x4 | stamps
i | wood stamps, 35 | 35 | pieces | ~70x60x45 | stamps
i | 28 ink pads | 28 | pieces | ~75x50x18 | inks
i | embossing powder, 16 jars | 16 | bottles | ~55x42x42 | powders
i | 60 metal dies | 60 | pieces | ~80x60x1 | dies
i | embossing folders 22 | 22 | pieces | ~148x125x3 | dies
i | die cutting machine 14 x 7 x 13 in | 1 | machine | 356x178x330 | machines
i | paper trimmer | 1 | pieces | ~400x160x45 | cutting
i | 10 washi tapes | 10 | rolls | ~15x42x42 | tapes
i | washi tape - 40 rolls | 40 | rolls | ~15x42x42 | tapes
i | ribbon, 25 spools, 7/8 in wide | 25 | rolls | ~22x70x70 | trims
i | shoebox of ribbon | ~30 | rolls | ~25x70x70 | trims
i | a shoebox full of yarn scraps | ~12 | soft | ~80x80x60 | yarn
i | envelopes A2 50 | 50 | sheets | 146x111x~0.25 | envelopes
i | A7 envelopes, 2 boxes of 25 | 50 | sheets | 184x133x~0.25 | envelopes
i | 100 #10 envelopes | 100 | sheets | 241x105x~0.25 | envelopes
i | bubble mailers 30 | 30 | pieces | ~280x220x5 | packing
i | tissue paper 3 packs | 3/~72 | pieces/sheets | ~380x250x10 | wrap
i | gift bags, 14 | 14 | pieces | ~330x260x4 | wrap
i | wrapping paper 6 rolls 30 in | 6 | rolls | 762x~60x~60 | wrap
i | shipping tape 4 rolls | 4 | rolls | ~50x110x110 | tapes
i | clear tape x 5 | 5 | rolls | ~19x60x60 | tapes
i | vinyl rolls 12 in, 20 of them | 20 | rolls | 305x~40x~40 | vinyl
i | HTV 12 in x 5 ft, 10 rolls | 10 | rolls | 305x~40x~40 | vinyl
i | transfer tape 1 roll | 1 | rolls | ~305x45x45 | vinyl/tapes
i | weeding tools, set | 1 | set | ~210x110x20 | tools
i | heat press 15x15 | 1 | machine | ~620x420x450 | machines
i | 12 blank mugs | 12 | bottles/pieces | ~100x90x90 | blanks
i | 20 t-shirts blank | 20 | soft | ~300x250x25 | blanks
i | 5 tote bags | 5 | soft | ~400x200x10 | blanks
i | beads, 20 tubes | 20 | bottles | ~75x14x14 | beads
i | 8mm glass beads 400 | 400 | loose | 8x8x8 | beads
i | jar of seed beads | ~1000/1 | loose/bottles | ~3x3x3 | beads
i | jump rings 1 oz | ~200/1 | loose | ~6x6x1 | findings
i | pliers, 5 pairs | 5 | pieces | ~130x55x15 | tools
i | spools of wire 20 gauge, 7 | 7 | rolls | ~25x60x60 | wire
i | crochet hooks 14 | 14 | pieces | ~150x12x10 | needles
i | knitting needles, 11 pairs | 11/22 | pieces/long | ~350x8x8 | needles
i | circular needles 9 | 9 | pieces | ~200x150x5 | needles
i | stitch markers | 1/~40 | loose | ~22x12x3 | tools
i | embroidery floss 120 skeins | 120 | pieces/soft | ~80x25x12 | thread
i | aida cloth, 5 pieces | 5 | soft | ~280x200x15 | fabric
i | felt sheets 9x12, 60 | 60 | sheets/soft | 305x229x~1.5 | fabric
i | bag of fiberfill | 1 | soft | ~500x350x200 | fabric
i | 2 lb wool roving | 1 | soft | ~200x120x60 | yarn
i | googly eyes, 1 bag | 1/~100 | loose | ~10x10x4 | trims
i | pom poms bag of 100 | 100 | loose | ~15x15x15 | trims
i | pipe cleaners 100 | 100 | pieces/long/loose | ~300x6x6 | trims/wire
i | craft sticks, box of 200 | 200 | loose/pieces | ~114x10x2 | wood
i | glitter, 18 jars | 18 | bottles | ~60x45x45 | powders
i | resin kit | 1 | set | ~200x180x90 | resin
i | silicone molds, 12 | 12 | pieces | ~150x110x20 | moulds
i | 3 lb bag of soy wax | 1 | pieces/soft | ~250x180x80 | wax
i | candle wicks 100 | 100 | loose | ~150x3x3 | wax
i | canning jars, 8 | 8 | bottles | ~130x80x80 | packing/wax/storage
i | wooden signs 6 | 6 | pieces | ~400x250x8 | wood
i | 10 wood slices 4 in | 10 | pieces | ~100x100x10 | wood
i | 12 dowels 36 x 1/4 in | 12 | long | 914x6.35x6.35 | wood
i | sandpaper 20 sheets | 20 | sheets | ~280x230x0.3 | abrasives
i | cordless drill | 1 | pieces | ~250x220x80 | tools/machines
i | staple gun | 1 | pieces | ~180x150x35 | tools
i | silk flowers, 30 stems | 30 | pieces/soft/long | ~350x80x60 | floral
i | 4 wreath frames 14 in | 4 | pieces | ~356x356x30 | floral
i | foam board 20x30, 5 sheets | 5 | sheets/pieces | 762x508x~5 | card and paper
i | 3 sheets of 1/4 in plywood 12x12 | 3 | sheets/pieces | 305x305x6.35 | wood
i | laminator | 1 | machine | ~400x140x100 | machines
i | laminating pouches 100 | 100 | sheets/pieces | ~292x229x0.2 | card and paper/packing
i | label maker | 1 | pieces/machine | ~180x110x60 | machines/tools
i | hole punches 6 | 6 | pieces | ~130x90x60 | tools
i | stapler | 1 | pieces | ~150x60x40 | tools
i | box of staples | 1/~1000 | pieces/loose | ~110x60x40 | tools/findings
i | 3 ring binders, 5 | 5 | pieces | ~300x290x50 | albums/planners
i | page protectors box of 50 | 50 | sheets/pieces | ~292x240x0.2 | albums
i | photo album 12 x 12 | 1 | pieces | ~350x335x60 | albums
i | 200 photos 4x6 | 200 | sheets | 152x102x~0.25 | photographs
i | stickers, a shoebox | 1/~300 | sheets | ~200x100x0.2 | stickers
i | foam tape 4 rolls | 4 | rolls | ~15x60x60 | tapes/adhesives
i | spray adhesive | 1 | bottles | ~220x65x65 | adhesives
i | 2 cans spray paint | 2 | bottles | ~200x65x65 | paints
i | paint pens 12 | 12 | pieces | ~145x12x12 | pens
i | rulers: 2 steel 12 in | 2 | pieces | 305x~30x~1 | cutting/tools
i | quilting ruler 6 x 24 | 1 | pieces/long | 610x152x~3 | cutting
i | tape measures 3 | 3 | pieces | ~60x60x20 | tools
i | magnifying lamp | 1 | pieces | ~450x220x120 | lights
i | light box | 1 | pieces | ~360x240x8 | lights
i | laptop | 1 | pieces | ~350x240x22 | machines
i | printer | 1 | machine | ~440x350x190 | machines
i | pattern envelopes 40 | 40 | pieces | ~210x150x12 | patterns
i | 9 quilt books | 9 | pieces | ~280x215x18 | books
i | craft magazines 35 | 35 | pieces | ~280x215x5 | books
i | Misc buttons 1 quart jar | ~700 | loose | ~16x16x4 | trims
i | 2 quarts of beads | ~4000 | loose | ~8x8x8 | beads
i | thing as big as a paperback | 1 | pieces | ~178x110x25 | -
i | lampshade frame, hand-sized | 1 | pieces | ~180x100x60 | -
i | cake topper thing large | 1 | pieces | ~500x350x250 | -
i | gizmo | 1 | pieces | ? | -
i | 84 widgets | 84 | pieces | ? | -
i | 3 old doohickeys from grandma | 3 | pieces | ? | -
i | red felt 3 yards | 1/3 | soft | ~300x200x60 | fabric
i | 5 yds of 60" fleece | 1/5 | soft | ~400x300x150 | fabric
i | 2 1/2 yards linen | 1 | soft | ~300x200x50 | fabric
i | 1 yard cuts of cotton x 14 | 14 | soft | ~300x200x20 | fabric
i | 12 cones serger thread | 12 | rolls | ~115x75x75 | thread
i | sharp craft knife x2 | 2 | pieces | ~150x12x10 | cutting
i | hobby blades 1 pack of 100 | 100 | loose/pieces | ~40x10x1 | blades
i | #8 screws, 1 in, 200 | 200 | loose | ~25x8x8 | findings/tools
i | 50 dried flowers pressed | 50 | pieces/sheets/soft | ~80x60x2 | floral
i | shrink plastic 10 sheets | 10 | sheets | ~279x216x0.3 | card and paper/resin/blanks
i | wax seal set | 1 | set | ~200x150x60 | seals
i | 30 rubber bands | 30 | loose | ~60x10x3 | tools/packing/trims
i | magnets, 40 small round | 40 | loose | ~10x10x3 | findings
i | earring hooks 60 | 60 | loose | ~25x12x2 | findings
i | necklace chains, 10 | 10 | pieces/soft/loose | ~100x60x10 | findings
i | clasps 50 | 50 | loose | ~14x8x4 | findings
i | 7 purse handles | 7 | pieces | ~400x40x15 | trims/findings
i | 4 oz gesso, 2 jars | 2 | bottles | ~70x60x60 | paints
i | 1 gal white glue | 1 | bottles | ~280x150x150 | adhesives
i | palette knives, 5 | 5 | pieces | ~210x25x15 | brushes/tools
i | easel | 1 | pieces | ~420x350x60 | tools
m | 60 bobbin spools of thread | 60 | rolls | ~55x25x25 | thread
m | 24 reels of cotton | 24 | rolls | ~55x25x25 | thread
m | 15 balls of wool | 15 | soft | ~120x90x80 | yarn
m | 4 kg clay in 8 blocks | 8 | pieces | ~100x70x40 | clay
m | 2 litres of varnish | 1/2 | bottles | ~180x120x120 | solvents
m | 500 ml PVA glue | 1 | bottles | ~190x75x75 | adhesives
m | 3 x 250 ml acrylic paint | 3 | bottles | ~130x65x65 | paints
m | 12 paint tubes 75 ml | 12 | pieces/bottles | ~170x40x35 | paints
m | A4 card 50 sheets | 50 | sheets | 297x210x~0.27 | card and paper
m | half a ream of A4 | 250 | sheets | 297x210x~0.1 | card and paper
m | 2 reams A3 paper | 1000 | sheets | 420x297x~0.1 | card and paper
m | pack of card | ~50 | sheets | ~297x210x0.27 | card and paper
m | 5 m ribbon 25 mm wide | 1 | rolls | 25x~40x~40 | trims
m | 3 metres of calico | 1/3 | soft | ~300x200x50 | fabric
m | 1.5 m velvet 140 wide | 1 | soft | ~300x200x50 | fabric
m | scissors | 1 | pieces | ~210x80x15 | cutting
m | 2 scalpels | 2 | pieces | ~150x12x10 | cutting
m | box of pins | 1/~300 | pieces/loose | ~90x60x20 | needles
m | press studs 50 | 50 | loose | ~12x12x4 | trims
m | a biscuit tin of buttons | ~1000 | loose | ~16x16x4 | trims
m | a carrier bag of fabric scraps | ~1 | soft | ~300x200x150 | fabric
m | knitting wool, 3 bags of 10 balls | 30 | soft | ~120x90x80 | yarn
m | needles size 4 mm, 6 pairs | 6/12 | pieces/long | ~350x8x8 | needles
m | 10 lino blocks A5 | 10 | pieces/sheets | 210x148x~4 | wood/blanks/card and paper
m | lino cutters 5 | 5 | pieces | ~140x30x25 | cutting/tools
m | printing ink 6 tubes | 6 | pieces/bottles | ~150x40x35 | inks
m | brayers, 3 | 3 | pieces | ~180x110x45 | brushes/tools
m | masking tape 5 rolls | 5 | rolls | ~25x100x100 | tapes
m | parcel tape x6 | 6 | rolls | ~50x110x110 | tapes
m | sticky tape, 4 | 4 | rolls | ~19x60x60 | tapes
m | 8 modelling tools | 8 | pieces/set | ~180x20x15 | tools
m | potters wheel | 1 | machine | ~550x500x450 | machines
m | glazes, 20 pint jars | 20 | bottles | ~130x90x90 | paints/clay/powders
m | plaster 5 kg | 1 | pieces/soft/bottles | ~300x200x90 | clay/powders/moulds
m | soldering iron | 1 | pieces | ~250x60x50 | machines/tools
m | silver wire 0.8 mm, 3 coils | 3 | rolls | ~25x60x60 | wire
m | leather offcuts, 2 bags | 2 | soft | ~300x250x80 | fabric
m | 10 leather hides | 10 | rolls/soft | ~600x80x80 | fabric
m | bone folders 3 | 3 | pieces | ~150x25x4 | tools
m | book cloth 4 rolls | 4 | rolls | ~700x60x60 | fabric
m | greyboard A2 20 sheets 2 mm | 20 | sheets | 594x420x2 | card and paper
m | linen thread 3 | 3 | rolls | ~60x50x50 | thread
m | awl | 1 | pieces | ~130x30x30 | tools
m | washi-tape (35) | 35 | rolls | ~15x42x42 | tapes
m | 12 off paint markers | 12 | pieces | ~145x12x12 | pens
m | stencils 40 | 40 | sheets/pieces | ~165x155x0.5 | patterns
m | picture frames 20x30 cm, 6 | 6 | pieces | 300x200x~25 | frames
m | 3 lampshades 30 cm | 3 | pieces | ~300x300x250 | -
m | bell jars tiny 20 | 20 | bottles | ~30x25x25 | -
m | 30 x 40 cm canvas x4 | 4 | pieces | 400x300x~18 | canvas
m | 2 mm cord, 4 rolls | 4 | rolls | ~25x60x60 | trims/wire/thread
m | dozen brushes | 12 | pieces | ~200x10x10 | brushes
m | fabric paint 9 pots | 9 | bottles | ~60x45x45 | paints
m | dyes 14 sachets | 14 | pieces | ~100x80x8 | paints/powders/inks
m | rubber stamps - alphabet set | 1 | set | ~200x150x40 | stamps
m | wooden beads 20 mm 80 pcs | 80 | loose | 20x20x20 | beads
m | feathers 2 packs | 2 | pieces/soft | ~150x100x20 | trims/floral
m | toy eyes 6mm 50 pairs | 50/100 | loose | 6x6x~4 | trims
m | stuffing 1 kg | 1 | soft | ~500x350x250 | fabric
m | interfacing 2m | 1/2 | soft | ~300x200x30 | fabric
m | sewing patterns ~60 | 60 | pieces | ~210x150x12 | patterns
m | overlocker | 1 | machine | ~340x290x300 | machines
m | overlocker thread 16 cones | 16 | rolls | ~115x75x75 | thread
m | dressmaker's dummy | 1 | pieces | ~1500x400x300 | tools
m | lint roller | 1 | pieces | ~230x60x60 | cleaning
m | glue gun + 40 glue sticks | 1/40 | pieces | ~180x150x40 | tools/machines/adhesives
m | postcards 200 | 200 | sheets | ~148x105x0.3 | card and paper/photographs
m | cellophane bags 100 | 100 | sheets/pieces | ~200x130x0.5 | packing/wrap
m | string, 3 balls | 3 | rolls/soft | ~70x70x70 | trims/wrap/packing
m | mount board 5 sheets A1 | 5 | sheets | 841x594x~1.4 | card and paper
m | roll of lining paper 10m x 56cm | 1 | rolls | 560x~80x~80 | wrap/card and paper
m | safety glasses | 1 | pieces | ~160x70x60 | safety
m | dust masks 20 | 20 | pieces | ~150x120x20 | safety
m | nitrile gloves 1 box | 1/~100 | pieces | ~230x120x70 | safety
m | first aid kit | 1 | set/pieces | ~250x180x80 | safety
m | extension lead | 1 | pieces | ~250x200x60 | tools/machines
m | AA batteries 24 | 24 | pieces/loose | ~50x14x14 | tools
m | fairy lights 3 sets | 3 | pieces/set | ~150x120x60 | lights
m | Christmas baubles, 2 boxes | 2/~24 | pieces | ~300x200x80 | seasonal
m | baubles 7 cm, 30 | 30 | pieces | 70x70x70 | seasonal
`;

export interface EverydayLine {
  system: 'imperial' | 'metric';
  line: string;
  counts: ReadonlyArray<{ count: number; guessed: boolean }>;
  forms: readonly string[];
  /** mm, each typed or guessed; null where the size is not known. */
  size: ReadonlyArray<{ mm: number; guessed: boolean }> | null;
  kinds: readonly string[];
}

const figure = (text: string) => ({ guessed: text.startsWith('~'), value: Number(text.replace('~', '')) });

export const EVERYDAY: readonly EverydayLine[] = TEXT.trim()
  .split('\n')
  .map((row) => {
    const [units, line, count, form, size, kind] = row.split('|').map((c) => c.trim()) as [string, ...string[]];
    const all = size!.startsWith('~');
    return {
      system: units === 'i' ? 'imperial' : 'metric',
      line: line!,
      counts: count!.split('/').map((c) => ({ count: figure(c).value, guessed: figure(c).guessed })),
      forms: form!.split('/'),
      size:
        size === '?' ? null : size!.split('x').map((s) => ({ mm: figure(s).value, guessed: all || figure(s).guessed })),
      kinds: kind!.split('/'),
    };
  });
