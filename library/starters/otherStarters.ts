/** Starter lists of further crafts; the columns are those of starter.ts. Typical sizes, common practice, no source. */
export const OTHER_CRAFTS: Readonly<Record<string, string>> = {
  'Jewellery and beads': `
Seed beads, tubes | beads | bottles | 60 | 75x14 | 15 | | 3
Glass beads | beads | loose | 600 | 8x8x8 | 0.6 | | 2
Gemstone strands | beads | pieces | 20 | 400x10x10 | 40 | | 1
Bead trays, 24 parts | beads | pieces | 8 | 280x190x40 | 900 | | 3
Jump rings | findings | loose | 500 | 6x6x1 | 0.1 | | 3
Ear wires | findings | loose | 100 | 25x12x2 | 0.3 | | 2
Clasps | findings | loose | 60 | 14x8x4 | 1 | | 2
Crimp beads | findings | loose | 400 | 2x2x2 | 0.05 | | 2
Beading wire | wire | rolls | 6 | 20x80 | 40 | | 2
Craft wire | wire | rolls | 12 | 25x60 | 60 | | 2
Round-nose pliers | tools | pieces | 3 | 130x55x15 | 90 | | 4
Flush cutters | tools | pieces | 2 | 130x55x15 | 90 | S | 4
Bead board | tools | pieces | 1 | 460x330x15 | 400 | | 2
Bead mat | tools | pieces | 3 | 350x280x3 | 60 | | 3
Bead loom | tools | pieces | 1 | 450x180x60 | 500 | | 0.3
Soldering iron | machines | pieces | 1 | 250x60x50 | 350 | T,N | 0.5
Pickling solution | solvents | bottles | 1 | 180x80 | 900 | N,U | 0.2
Polishing cloths | cleaning | soft | 4 | 150x100x5 | 20 | | 1
Ring mandrel | tools | pieces | 1 | 300x30x30 | 350 | | 0.5
Jewellery hammer | tools | pieces | 1 | 240x70x25 | 200 | | 0.5
Display busts | display | pieces | 3 | 250x200x120 | 700 | G | 0.2
Gift boxes, jewellery | packing | pieces | 40 | 80x80x35 | 25 | | 1`,
  'Painting and drawing': `
Acrylic paints, tubes | paints | pieces | 36 | 170x40x35 | 95 | | 3
Acrylic paints, bottles | paints | bottles | 24 | 120x40 | 90 | U | 3
Watercolour pans | paints | set | 3 | 230x110x25 | 250 | | 3
Oil paints, tubes | paints | pieces | 24 | 140x35x30 | 70 | N | 1
Gouache, tubes | paints | pieces | 18 | 110x25x22 | 35 | | 1
Paint brushes, fine | brushes | pieces | 30 | 200x8x8 | 7 | | 4
Paint brushes, broad | brushes | pieces | 12 | 260x45x15 | 35 | | 3
Palette knives | brushes | pieces | 5 | 210x25x15 | 30 | | 1
Palettes | brushes | pieces | 4 | 300x220x20 | 150 | | 3
Coloured pencils | pens | pieces | 72 | 175x8x8 | 6 | | 3
Graphite pencils | pens | pieces | 20 | 175x8x8 | 6 | | 3
Soft pastels | pens | set | 3 | 300x220x25 | 500 | G,Y | 1
Charcoal | pens | pieces | 20 | 150x8x8 | 5 | Y,G | 1
Erasers | pens | pieces | 8 | 60x25x12 | 20 | | 3
Sketchbooks, A4 | books | pieces | 8 | 300x215x18 | 650 | | 3
Watercolour paper, A3 | card and paper | sheets | 30 | 420x297 | 300gsm | D | 1
Drawing paper, A2 | card and paper | sheets | 30 | 594x420 | 160gsm | D | 1
Canvases, small | canvas | pieces | 8 | 300x240x18 | 250 | | 1
Canvases, large | canvas | pieces | 4 | 700x500x20 | 900 | | 0.5
Easel, table | tools | pieces | 1 | 420x350x60 | 1500 | | 2
Turpentine substitute | solvents | bottles | 2 | 200x70 | 750 | F,H,N,U | 0.5
Varnish for pictures | solvents | bottles | 2 | 140x65 | 300 | F,N,U | 0.5
Fixative spray | solvents | bottles | 2 | 220x65 | 380 | F,H,N,U | 0.5
Masking fluid | paints | bottles | 2 | 80x40 | 90 | U | 0.5
Water jars | brushes | bottles | 3 | 110x85 | 250 | | 3`,
  'Clay and resin': `
Polymer clay, blocks | clay | pieces | 40 | 60x55x18 | 57 | H,L | 2
Air-dry clay | clay | pieces | 3 | 160x110x60 | 1000 | | 1
Stoneware clay, bag | clay | pieces | 2 | 280x180x180 | 12500 | D | 1
Clay cutters | tools | pieces | 30 | 60x60x20 | 15 | | 2
Rolling pin, acrylic | tools | pieces | 1 | 220x30x30 | 200 | | 2
Pasta machine for clay | machines | machine | 1 | 240x200x180 | 2800 | w150/150/0 | 2
Texture mats | tools | pieces | 10 | 160x100x4 | 40 | | 1
Modelling tools | tools | set | 1 | 230x110x25 | 250 | S | 3
Baking tile | tools | pieces | 2 | 300x300x10 | 1800 | G | 1
Epoxy resin, part A | resin | bottles | 1 | 220x90 | 1100 | N,U,H | 0.5
Epoxy resin, part B | resin | bottles | 1 | 200x80 | 600 | N,U,H | 0.5
UV resin | resin | bottles | 2 | 140x50 | 220 | L,N,U | 0.5
UV lamp | machines | pieces | 1 | 200x150x90 | 500 | | 0.5
Silicone moulds | moulds | pieces | 30 | 150x110x20 | 60 | | 1
Mixing cups | tools | pieces | 3 | 100x80x80 | 60 | | 1
Stirring sticks | tools | pieces | 50 | 150x10x2 | 2 | | 1
Resin pigments | resin | bottles | 16 | 70x25 | 25 | U | 0.5
Mica powders | powders | bottles | 24 | 45x35 | 15 | Y | 0.5
Glitter, jars | powders | bottles | 24 | 60x45 | 60 | Y | 1
Nitrile gloves | safety | pieces | 2 | 230x120x70 | 400 | | 1
Respirator | safety | pieces | 1 | 200x160x110 | 300 | | 0.5
Small kiln | machines | machine | 1 | 400x400x450 | 20000 | w300/150/300 | 0.2
Sanding sponges | abrasives | pieces | 8 | 120x90x12 | 20 | | 1`,
  Bookbinding: `
Book board | card and paper | sheets | 12 | 594x420 | 1400gsm | D | 0.5
Bookbinding cloth | fabric | rolls | 4 | 700x60 | 500 | | 0.5
Endpapers | card and paper | sheets | 40 | 420x297 | 120gsm | L | 1
Text paper, large | card and paper | sheets | 250 | 420x297 | 100gsm | D | 1
Linen thread | thread | rolls | 6 | 60x50 | 50 | | 2
Beeswax | tools | pieces | 2 | 50x50x20 | 40 | H | 1
Awls | tools | pieces | 3 | 130x30x30 | 60 | S | 2
Bookbinding needles | needles | pieces | 2 | 90x40x5 | 10 | S | 2
Binding glue | adhesives | bottles | 2 | 200x90 | 1000 | U | 2
Glue brushes | brushes | pieces | 4 | 220x40x20 | 60 | | 2
Book press | tools | machine | 1 | 380x300x300 | 14000 | w0/0/200 | 1
Pressing boards | tools | pieces | 6 | 350x250x18 | 900 | | 1
Punching cradle | tools | pieces | 1 | 330x220x140 | 900 | | 1
Steel ruler, long | cutting | long | 1 | 600x35x1.5 | 250 | | 2
Leather skins | fabric | rolls | 3 | 600x80 | 600 | D | 0.3
Paring knife | cutting | pieces | 1 | 180x30x10 | 80 | S,N | 0.5
Head bands | trims | rolls | 2 | 30x60 | 40 | | 0.5
Bone folders, large | tools | pieces | 2 | 200x30x5 | 30 | | 3
Marbled papers | card and paper | sheets | 25 | 700x500 | 90gsm | L | 0.5
Finished books | projects | pieces | 8 | 220x160x25 | 400 | | 0.3`,
  'Home decoration': `
Wooden signs, blank | wood | pieces | 8 | 400x250x8 | 500 | | 0.5
Chalk paint | paints | bottles | 8 | 110x85 | 700 | U | 1
Spray paint | paints | bottles | 8 | 220x65 | 400 | F,H,N,U | 0.5
Paint rollers | brushes | pieces | 4 | 230x120x60 | 100 | | 1
Sandpaper | abrasives | sheets | 30 | 280x230 | 250gsm | | 1
Cordless drill | tools | pieces | 1 | 250x220x80 | 1600 | N | 1
Drill bits, case | tools | set | 1 | 200x130x40 | 700 | S | 1
Staple gun | tools | pieces | 1 | 180x150x35 | 600 | N | 0.5
Glue gun, large | tools | pieces | 1 | 230x190x45 | 450 | T,N | 2
Glue sticks, large | adhesives | pieces | 30 | 250x11x11 | 25 | H | 2
Wreath frames | floral | pieces | 6 | 350x350x30 | 200 | | 0.3
Silk flowers | floral | soft | 30 | 350x80x60 | 30 | L | 0.5
Floral foam | floral | pieces | 6 | 230x110x80 | 60 | Y | 0.3
Floral wire | floral | long | 50 | 500x2x2 | 2 | | 0.5
Fairy lights | lights | pieces | 5 | 150x120x60 | 150 | G | 0.2
Holiday ornaments | seasonal | pieces | 40 | 80x80x80 | 30 | G,season | 0.1
Burlap | fabric | rolls | 2 | 300x100 | 600 | | 0.3
Mosaic tiles | tiles | loose | 500 | 20x20x4 | 4 | | 0.3
Tile nippers | tools | pieces | 1 | 200x60x20 | 250 | S | 0.2
Picture frames | frames | pieces | 10 | 320x260x25 | 600 | G | 0.3
Candles wax, bag | wax | pieces | 2 | 300x200x80 | 1000 | H | 0.3
Candle wicks | wax | loose | 100 | 150x3x3 | 1 | | 0.3
Stencils, wall | patterns | sheets | 8 | 600x400 | 300gsm | | 0.2
Twine, jute | trims | rolls | 3 | 90x90 | 200 | | 0.5`,
};
