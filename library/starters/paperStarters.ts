/** Starter lists of paper crafts; the columns are those of starter.ts. Typical sizes, common practice, no source. */
export const PAPER_CRAFTS: Readonly<Record<string, string>> = {
  'Paper cards': `
Card stock, A4 | card and paper | sheets | 100 | 297x210 | 250gsm | | 3
Card bases, folded | card and paper | sheets | 60 | 148x105 | 300gsm | | 3
Card bases, square | card and paper | sheets | 30 | 140x140 | 300gsm | | 1
Envelopes, C6 | envelopes | sheets | 80 | 162x114 | 100gsm | | 3
Envelopes, square | envelopes | sheets | 30 | 155x155 | 100gsm | | 1
Patterned paper, 6 in pads | card and paper | pieces | 12 | 152x152x12 | 180 | L | 2
Mirror card | card and paper | sheets | 25 | 297x210 | 280gsm | | 0.5
Pearl card | card and paper | sheets | 40 | 297x210 | 290gsm | | 1
Vellum, printed | card and paper | sheets | 30 | 297x210 | 120gsm | D | 0.5
Paper trimmer | cutting | pieces | 1 | 400x160x45 | 1100 | S | 5
Score board | tools | pieces | 1 | 330x330x12 | 600 | | 3
Bone folder | tools | pieces | 2 | 150x25x4 | 15 | | 4
Foam pads, adhesive | adhesives | pieces | 12 | 150x120x4 | 25 | | 4
Tape runner | adhesives | pieces | 4 | 90x60x22 | 40 | | 6
Liquid paper glue | adhesives | bottles | 3 | 130x40 | 100 | U | 5
Gems, self-adhesive | trims | pieces | 20 | 140x90x4 | 12 | | 1
Enamel dots | trims | pieces | 15 | 140x90x5 | 15 | | 1
Greeting die-cuts | trims | pieces | 25 | 150x110x4 | 15 | | 1
Card display box | packing | pieces | 2 | 260x180x160 | 350 | | 0.3
Corner rounder | tools | pieces | 1 | 90x60x60 | 150 | | 1
Clear card sleeves | packing | pieces | 4 | 175x130x20 | 120 | | 1
Birthday calendar | patterns | pieces | 1 | 300x210x5 | 100 | | 0.3`,
  Scrapbooks: `
Scrapbook albums, 12 in | albums | pieces | 5 | 350x335x60 | 1600 | | 0.5
Page protectors, 12 in | albums | pieces | 6 | 320x310x8 | 250 | | 1
Patterned paper, 12 in | card and paper | sheets | 200 | 304.8x304.8 | 180gsm | L | 3
Cardstock, 12 in | card and paper | sheets | 150 | 304.8x304.8 | 216gsm | L | 3
Photo paper | card and paper | sheets | 60 | 152x102 | 250gsm | D | 1
Printed photographs | photographs | sheets | 400 | 152x102 | 230gsm | L,H | 3
Journaling cards | card and paper | sheets | 150 | 102x76 | 250gsm | | 2
Letter stickers | stickers | sheets | 40 | 300x150 | 150gsm | | 2
Chipboard shapes | trims | pieces | 20 | 200x140x5 | 40 | | 1
Rub-on transfers | stickers | sheets | 25 | 200x100 | 120gsm | H | 0.5
Photo corners | adhesives | pieces | 6 | 120x80x10 | 20 | | 1
Photo-safe tape | adhesives | rolls | 6 | 12x70 | 25 | | 3
Border punch | tools | pieces | 4 | 130x90x60 | 350 | | 1
Album refill pages | albums | pieces | 4 | 320x310x15 | 500 | | 0.3
Memory box | albums | pieces | 2 | 350x350x120 | 900 | keep | 0.1
Titles, cut out | trims | pieces | 30 | 250x100x3 | 10 | | 1
Layout sketches | patterns | pieces | 2 | 220x220x20 | 300 | | 1
Mini ink pads | inks | pieces | 24 | 35x35x20 | 15 | L | 2
Photo trimmer, 12 in | cutting | pieces | 1 | 450x180x45 | 1200 | S | 4
Paper piercer | tools | pieces | 2 | 140x20x20 | 25 | S | 1`,
  'Planners and lettering': `
Planner binders | planners | pieces | 3 | 240x190x45 | 600 | | 3
Planner refills | planners | pieces | 6 | 210x148x12 | 200 | | 1
Planner stickers | stickers | sheets | 120 | 180x120 | 120gsm | | 3
Washi tape | tapes | rolls | 40 | 15x42 | 12 | L | 4
Brush pens | pens | pieces | 30 | 165x12x12 | 12 | flat | 4
Fineliners, set of ten | pens | set | 2 | 150x120x12 | 110 | | 3
Gel pens | pens | pieces | 24 | 145x11x11 | 10 | | 3
Dot-grid notebooks | planners | pieces | 6 | 210x145x15 | 330 | | 2
Lettering guides | patterns | pieces | 6 | 210x148x2 | 25 | | 1
Dip pen holders | pens | pieces | 4 | 165x15x15 | 12 | | 2
Nibs, small tin | pens | pieces | 3 | 60x40x15 | 30 | S | 2
Calligraphy ink | inks | bottles | 8 | 60x45 | 110 | U,L | 2
Index tabs | planners | pieces | 10 | 110x80x5 | 20 | | 1
Hole punch, six holes | tools | pieces | 1 | 280x100x70 | 600 | | 1
Planner discs | planners | loose | 60 | 33x33x5 | 3 | | 0.5
Sticky notes | planners | pieces | 12 | 76x76x20 | 60 | | 2
Light pad, A4 | lights | pieces | 1 | 360x240x8 | 700 | G | 1
Correction fluid | pens | bottles | 2 | 80x25 | 35 | F,U | 0.5
Practice pads | planners | pieces | 4 | 297x210x10 | 450 | | 2
Stencil ruler set | patterns | set | 2 | 200x110x6 | 60 | | 1
Wax seal set | seals | set | 1 | 200x150x60 | 500 | T | 0.5`,
  'Stamping and inking': `
Clear stamp sets | stamps | pieces | 60 | 178x127x4 | 60 | H | 4
Rubber stamps, on wood | stamps | pieces | 40 | 70x60x45 | 60 | | 2
Cling stamps | stamps | pieces | 25 | 178x127x6 | 80 | | 2
Acrylic blocks | tools | pieces | 10 | 90x70x12 | 90 | | 4
Ink pads | inks | pieces | 36 | 75x50x18 | 45 | flat,L | 5
Ink refills | inks | bottles | 30 | 60x22 | 20 | U | 0.5
Alcohol markers | pens | pieces | 72 | 150x17x17 | 18 | flat,F | 4
Alcohol marker refills | inks | bottles | 20 | 75x22 | 25 | U,F | 0.3
Water-based brush markers | pens | pieces | 48 | 160x12x12 | 12 | flat | 3
Embossing powders | powders | bottles | 30 | 55x42 | 40 | Y | 2
Heat tool | machines | pieces | 1 | 230x80x70 | 400 | T,N | 2
Stamp cleaner | cleaning | bottles | 2 | 150x45 | 120 | U | 2
Stamp positioning plate | tools | pieces | 1 | 300x230x35 | 900 | | 3
Blending brushes | brushes | pieces | 20 | 150x30x30 | 25 | | 3
Stencils, 6 in | patterns | pieces | 50 | 165x155x0.5 | 15 | | 2
Anti-static bag | tools | pieces | 1 | 100x70x40 | 60 | Y | 1
Silicone craft mat | cutting | pieces | 1 | 600x400x2 | 500 | | 3
Ink sprays | inks | bottles | 15 | 140x40 | 90 | U | 1
Reinkers for dye ink | inks | bottles | 18 | 65x24 | 25 | U,L | 0.3
Scrubbing cloth | cleaning | soft | 2 | 200x200x4 | 40 | | 3
Colour swatch book | patterns | pieces | 1 | 200x100x30 | 200 | | 1`,
  'Die and electronic cutting': `
Die cutting machine | machines | machine | 1 | 360x170x320 | 7000 | w350/350/0 | 3
Cutting plates | plates | pieces | 8 | 225x155x3 | 180 | | 3
Metal dies, small | dies | pieces | 120 | 80x60x1 | 15 | S,M | 3
Metal dies, large | dies | pieces | 40 | 150x130x1.5 | 45 | S,M | 2
Embossing folders | dies | pieces | 40 | 148x125x3 | 35 | | 2
Magnetic sheets for dies | dies | sheets | 20 | 297x210 | 900gsm | | 2
Electronic cutter, 300 mm mat | machines | machine | 1 | 560x180x180 | 5200 | w330/330/150 | 3
Cutting mats, 300 mm | plates | pieces | 5 | 355x330x2 | 250 | flat | 3
Blades for the cutter | blades | loose | 10 | 40x12x12 | 5 | S,N | 0.5
Weeding tools | tools | set | 1 | 200x110x20 | 130 | S | 3
Transfer tape, rolls | vinyl | rolls | 3 | 305x45 | 250 | | 1
Print-and-cut sticker paper | card and paper | sheets | 50 | 297x210 | 140gsm | D | 1
Foil quills | tools | set | 1 | 210x140x40 | 300 | T | 0.3
Scrapers | tools | pieces | 3 | 120x80x6 | 30 | | 2
Adhesive sheets, double-sided | adhesives | sheets | 30 | 297x210 | 120gsm | H | 1
Chipboard sheets | card and paper | sheets | 20 | 304.8x304.8 | 900gsm | | 0.5
Spare cutting strips | plates | pieces | 3 | 330x20x5 | 20 | | 0.1
Precision base plate | plates | pieces | 1 | 230x160x8 | 450 | | 1
Die brush | tools | pieces | 1 | 150x45x45 | 60 | | 1
Magnetic pick-up tool | tools | pieces | 1 | 140x30x25 | 60 | | 1`,
  'Gift wrap and shipping': `
Wrapping paper | wrap | rolls | 10 | 700x60 | 300 | | 1
Kraft paper roll | wrap | rolls | 1 | 750x140 | 4000 | | 1
Gift bags, flat | wrap | pieces | 20 | 330x260x4 | 60 | | 1
Tissue paper, packs | wrap | pieces | 8 | 380x250x10 | 120 | | 1
Ribbon rolls | trims | rolls | 24 | 25x70 | 40 | L | 2
Gift tags | wrap | loose | 120 | 90x50x1 | 1.5 | | 1
Bows | trims | soft | 30 | 80x80x50 | 10 | | 1
Baker's twine | trims | rolls | 6 | 60x60 | 70 | | 1
Mailing boxes, folded | packing | pieces | 30 | 400x300x6 | 140 | | 2
Padded envelopes | packing | pieces | 40 | 280x220x5 | 25 | | 2
Bubble wrap | packing | soft | 1 | 500x400x400 | 1200 | | 1
Packing tape, rolls | tapes | rolls | 6 | 50x110 | 200 | | 3
Tape dispenser | tools | pieces | 1 | 220x180x75 | 600 | S | 3
Parcel scale | machines | pieces | 1 | 260x220x35 | 900 | | 2
Address labels | packing | sheets | 100 | 297x210 | 140gsm | | 2
Thank-you cards | packing | sheets | 100 | 105x148 | 300gsm | | 2
Shipping label printer | machines | machine | 1 | 200x190x160 | 1600 | w150/60/60 | 2
Tissue shreds | packing | soft | 3 | 300x250x150 | 200 | | 1
Cellophane | wrap | rolls | 2 | 700x50 | 350 | | 0.3
Box cutter | cutting | pieces | 2 | 160x35x20 | 70 | S,N | 3`,
};
