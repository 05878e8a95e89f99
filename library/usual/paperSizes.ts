/**
 * Usual sizes of what lies in rooms where paper, stamps and pictures are made. One line a kind, as it is called, with
 * other words behind semicolons: names | kind | form | sizes mm | mass g or gsm | marks | how many a usual pack holds.
 * Typical sizes from memory (common practice, no source); guesses wherever they are used, and marked so.
 */
export const PAPER_KINDS = `
Paper; copy paper; printer paper; typing paper; printing paper | card and paper | sheets | 297x210 | 80gsm | D | 100
Card; cardstock; card stock; cover stock | card and paper | sheets | 297x210 | 220gsm | D | 50
Construction paper; sugar paper | card and paper | sheets | 305x229 | 120gsm | D | 50
Tracing paper; layout paper | card and paper | sheets | 297x210 | 90gsm | D | 50
Graph paper; grid paper; dot paper | card and paper | sheets | 297x210 | 80gsm | D | 100
Origami paper | card and paper | sheets | 150x150 | 70gsm | D | 100
Crepe paper | card and paper | rolls | 500x50 | 120 | D |
Kraft paper; kraft; brown paper | wrap | rolls | 600x70 | 900 | D |
Paper piecing paper; EPP paper; hexagon template paper | patterns | sheets | 50x45 | 200gsm | | 100
Handmade paper; mulberry paper; rice paper; japanese paper | card and paper | sheets | 640x470 | 90gsm | D | 10
Watercolour paper; cold press paper; cold press; hot press; hot press paper; watercolor paper | card and paper | sheets | 420x297 | 300gsm | D | 12
Drawing paper; cartridge paper | card and paper | sheets | 420x297 | 160gsm | D | 25
Poster board; posterboard | card and paper | sheets | 711x559 | 350gsm | D | 10
Foam board; foamboard; foam core | card and paper | sheets | 762x508x5 | 400gsm | D,flat | 5
Mount board; mat board; mountboard; matboard | card and paper | sheets | 813x508x1.4 | 900gsm | D,flat | 5
Greyboard; chipboard; grey board; book board | card and paper | sheets | 594x420x2 | 1250gsm | D | 10
Corrugated card; cardboard | card and paper | sheets | 600x400x3 | 500gsm | D | 10
Acetate; transparency; transparencies | card and paper | sheets | 297x210x0.2 | 280gsm | | 25
Vellum | card and paper | sheets | 297x210 | 110gsm | D | 25
Freezer paper; baking paper; waxed paper; wax paper | wrap | rolls | 450x50 | 700 | D |
Lining paper; banner paper; butcher paper | wrap | rolls | 560x80 | 900 | D |
Transfer paper; carbon paper; graphite paper | card and paper | sheets | 297x210 | 60gsm | D | 20
Shrink plastic; shrink film | blanks | sheets | 279x216x0.3 | 400gsm | | 10
Specialty paper; glitter paper; striped paper; gingham paper; printed paper; foil paper; scrap paper; scrapbook paper; scrapbooking paper; christmas paper; holiday paper; halloween paper; easter paper; decorative paper; decoupage paper; decoupage napkin; patterned paper; designer paper | card and paper | sheets | 304.8x304.8 | 180gsm | D | 24
Paper scrap; card scrap; cardstock scrap; paper offcut; scrap of paper | card and paper | sheets | 150x100x0.2 | 160gsm | D | 50
Watercolour pad; watercolor pad; watercolour block; watercolor block; mixed media pad; pad of watercolor paper; pad watercolor paper; pads of watercolour paper | card and paper | pieces | 305x229x8 | 400 | D |
Paper pad; paper pads; pad of paper | card and paper | pieces | 152x152x12 | 220 | D |
Drawing pad; sketch pad; tracing pad; marker pad | card and paper | pieces | 297x210x8 | 350 | D |
Notepad; notebook; exercise book; composition book | books | pieces | 210x148x12 | 200 | D |
Sketchbook; sketch book; art journal | books | pieces | 300x215x18 | 600 | D |
Sticky note | planners | pieces | 76x76x12 | 40 | D |
Index card; record card | card and paper | sheets | 127x76 | 180gsm | D | 100
Postcard | card and paper | sheets | 148x105 | 300gsm | D | 25
Greeting card; christmas card; birthday card; note card; finished card; blank card; card base; card blank | card and paper | sheets | 178x127x0.9 | 250gsm | D | 12
Place card; business card; name card | card and paper | sheets | 85x55 | 300gsm | D | 100
Playing card; deck of cards; card deck | planners | pieces | 90x64x18 | 100 | D |
Envelope | envelopes | sheets | 162x114x0.25 | 100gsm | D | 25
Padded envelope; bubble envelope; padded mailer; bubble mailer | packing | pieces | 280x220x5 | 25 | |
Poly mailer; mailing bag | packing | sheets | 400x300x0.15 | 140gsm | | 50
Cellophane bag; clear bag; cello bag; treat bag; zip bag; zip-top bag; resealable bag | packing | sheets | 200x130x0.1 | 90gsm | | 100
Paper bag; sandwich bag; lunch bag; kraft bag | wrap | pieces | 330x200x2 | 20 | D |
Gift bag | wrap | pieces | 330x260x4 | 80 | |
Gift box; gift boxes | wrap | pieces | 150x150x80 | 120 | |
Shipping box; mailing box; postal box; cardboard box | packing | pieces | 400x300x6 | 180 | flat |
Mailing tube; postal tube | packing | long | 600x60 | 200 | |
Tissue paper; tissue | wrap | pieces | 380x250x10 | 90 | D |
Wrapping paper; gift wrap; wrapping roll | wrap | rolls | 700x60 | 400 | D |
Gift tag; price tag; swing tag; luggage tag; hang tag; tag | wrap | loose | 51x25x0.5 | 0.6 | D | 50
Label; address label; sticky label | packing | sheets | 297x210 | 140gsm | D | 25
Shredded paper; paper shred; crinkle paper | packing | soft | 300x250x150 | 250 | |
Sticker; sticker sheet; decal | stickers | sheets | 200x100x0.2 | 140gsm | D | 6
Letter sticker; alphabet sticker; number sticker | stickers | sheets | 300x150x0.2 | 140gsm | D | 2
Rub-on; transfer; temporary tattoo | stickers | sheets | 200x100x0.15 | 120gsm | D | 2
Stamp set; clear stamp; photopolymer stamp; polymer stamp | stamps | pieces | 178x127x4 | 60 | |
Wood stamp; wooden stamp; rubber stamp; mounted stamp; wood-mounted stamp | stamps | pieces | 70x60x45 | 60 | |
Alphabet stamp set; rubber stamps alphabet set; letter stamp set | stamps | set | 200x150x40 | 400 | |
Date stamp; self-inking stamp | stamps | pieces | 90x60x50 | 120 | |
Stamp block; acrylic block | tools | pieces | 90x70x12 | 90 | |
Stamping tool; stamp press; stamp platform; stamp positioner; stamp positioning tool | tools | pieces | 300x230x35 | 900 |  |
Ink pad; inkpad; stamp pad; dye ink; pigment ink; stamping ink; ink for stamping; black ink; white ink | inks | pieces | 75x50x18 | 45 | flat |
Mini ink pad; ink cube; ink dot | inks | pieces | 35x35x20 | 20 | flat |
Reinker; re-inker; ink refill | inks | bottles | 65x24 | 25 | U |
Alcohol ink | inks | bottles | 65x28 | 25 | U,F |
India ink; drawing ink; calligraphy ink; bottled ink; ink bottle | inks | bottles | 70x45 | 110 | U |
Printing ink; block printing ink; lino ink | inks | pieces | 150x40x35 | 180 | |
Printer ink; ink cartridge; printer cartridge; toner | inks | pieces | 110x80x45 | 90 | |
Ink spray; spray ink; mist spray | inks | bottles | 140x40 | 80 | U |
Embossing powder | powders | bottles | 55x42 | 40 | U |
Glitter; microfine glitter | powders | bottles | 60x45 | 60 | U |
Mica powder; pigment powder; pigment | powders | bottles | 45x35 | 25 | U |
Texture paste; stencil paste; embossing paste; glitter paste; modelling paste; modeling paste; gel medium; gesso; crackle paste; molding paste; medium | paints | bottles | 80x75 | 300 | U |
Die; dies; metal die; thin die; cutting die | dies | pieces | 80x60x1 | 20 | M |
Die set; set of dies | dies | pieces | 178x127x3 | 80 | M |
Embossing folder; 3D folder | dies | pieces | 148x125x3 | 45 | |
Magnetic sheet; magnet sheet; adhesive magnet | dies | sheets | 297x210x0.8 | 2500gsm | | 5
Cutting plate; die plate; machine plate | plates | pieces | 225x155x3 | 180 | flat |
Die cutting machine; die machine; die cutter; die-cut machine; embossing machine | machines | machine | 360x170x320 | 5000 | w200/200/0 |
Cutting machine; electronic cutter; vinyl cutter; craft cutter; plotter | machines | machine | 560x180x180 | 5000 | w300/300/200 |
Machine mat; cutter mat; sticky mat; cutting machine mat; cutting mat for machine; mat for machine | plates | pieces | 355x330x2 | 200 | flat |
Paper trimmer; trimmer; paper cutter; guillotine | cutting | pieces | 400x160x45 | 700 | S |
Score board; scoring board; scoring tool; scorer; scoring plate | tools | pieces | 330x330x12 | 500 | |
Envelope maker; envelope punch board; punch board | tools | pieces | 230x170x25 | 450 | |
Hole punch; paper punch; punch; craft punch; shape punch | tools | pieces | 110x90x60 | 180 | |
Border punch; edge punch | tools | pieces | 130x90x60 | 220 | |
Corner rounder; corner punch | tools | pieces | 90x60x60 | 120 | |
Eyelet setter; eyelet punch; eyelet tool; snap setter; grommet tool | tools | pieces | 170x70x30 | 250 | |
Brad; paper fastener; split pin | trims | loose | 20x8x6 | 0.5 | M | 100
Eyelet; grommet | trims | loose | 6x6x5 | 0.3 | | 100
Staple; box of staples; staples | tools | pieces | 110x60x40 | 180 | |
Stapler | tools | pieces | 150x60x40 | 250 | |
Tape dispenser | tools | pieces | 150x70x75 | 500 | |
Paper clip; bulldog clip; binder clip | tools | loose | 32x15x8 | 1 | M | 100
Drawing pin; thumbtack; push pin; pushpin | tools | loose | 22x10x10 | 0.6 | S,M | 100
Rubber band; elastic band; hair tie | packing | loose | 60x10x3 | 0.6 | | 100
Gem; gems and pearls; pearl embellishment; rhinestone; self-adhesive gem; adhesive pearl; gem sheet | trims | pieces | 140x90x4 | 15 | |
Enamel dot; epoxy dot | trims | pieces | 140x90x5 | 15 | |
Sequin; spangle | trims | loose | 6x6x1 | 0.02 | | 500
Die-cut; die cut; ephemera; ephemera pack; embellishment; title cut out; chipboard shape; chipboard letter; chipboard alphabet; card topper; topper | trims | pieces | 150x110x4 | 20 | D |
Doily; doilies; paper doily | trims | sheets | 150x150x0.15 | 70gsm | D | 50
Paper flower | trims | pieces | 60x60x25 | 4 | |
Foam tape; foam roll | tapes | rolls | 15x60 | 40 | |
Foam square; foam pad; foam dot; 3D foam; 3D foam sheet; sticky foam; adhesive foam sheet | adhesives | pieces | 120x90x4 | 10 | |
Glue dot; adhesive dot | adhesives | pieces | 110x90x35 | 40 | |
Glue pen | adhesives | pieces | 140x15x15 | 15 | |
Tape runner; glue tape; tape glue; glue roller; adhesive roller; tape gun; photo corner; tape runner refill | adhesives | pieces | 90x60x22 | 40 |  |
Double-sided tape; double sided tape | tapes | rolls | 12x60 | 30 | |
Clear tape; sticky tape; invisible tape; office tape | tapes | rolls | 19x60 | 30 | |
Washi; washi tape; paper tape; decorative tape | tapes | rolls | 15x42 | 18 | |
Masking tape; painter's tape; painters tape; drafting tape | tapes | rolls | 25x100 | 120 | |
Duct tape; gaffer tape; cloth tape; electrical tape | tapes | rolls | 48x120 | 350 | |
Packing tape; parcel tape; shipping tape; box tape | tapes | rolls | 50x110 | 250 | |
Glue stick; paper glue stick | adhesives | pieces | 100x24x24 | 35 | |
Glue; white glue; craft glue; school glue; tacky glue; liquid glue; PVA; PVA glue; glue tube; tube of glue; wood glue; fabric glue | adhesives | bottles | 150x55 | 150 | U |
Decoupage glue; decoupage medium | adhesives | bottles | 90x75 | 270 | U |
Super glue; jewellery glue; jewelry glue; contact glue; epoxy glue; contact cement | adhesives | pieces | 120x40x20 | 30 | |
Rubber cement | adhesives | bottles | 110x60 | 150 | F,U |
Spray adhesive; spray glue; spray mount; adhesive spray | adhesives | bottles | 220x65 | 400 | F,U |
Photo; photograph; picture print; print | photographs | sheets | 152x102x0.25 | 240gsm | D,L | 50
Photo album; scrapbook; scrapbook album; album; 12 in album | albums | pieces | 360x330x60 | 1500 |  |
Photo box | albums | pieces | 290x200x120 | 300 | |
Page protector; sheet protector; plastic sleeve; clear sleeve; plastic pocket | albums | sheets | 292x240x0.2 | 140gsm | | 50
Ring binder; binder; lever arch file; 3 ring binder; three ring binder | planners | pieces | 310x290x50 | 500 | |
Folder; manila folder; file folder; document wallet | planners | sheets | 310x240x0.6 | 250gsm | | 25
Hanging file; hanging folder; suspension file | planners | sheets | 380x240x1 | 300gsm | | 25
Clipboard | tools | pieces | 320x230x12 | 300 | |
Planner; diary; agenda | planners | pieces | 220x180x35 | 500 | |
Planner insert; planner refill | planners | pieces | 210x148x12 | 200 | |
Calendar | planners | pieces | 300x300x6 | 250 | flat |
Stencil; mask; layering stencil | patterns | sheets | 165x155x0.5 | 400gsm | | 1
Template; ruler template | patterns | pieces | 300x210x2 | 120 | |
Bone folder; paper folder; scoring stylus | tools | pieces | 150x25x4 | 15 | |
Stylus; ball stylus; embossing tool | tools | pieces | 150x10x10 | 12 | |
Tweezers; tweezer; reverse tweezers | tools | pieces | 150x15x10 | 20 | |
Paper piercer; piercing tool; pricker | tools | pieces | 140x20x20 | 20 | S |
Quilling paper; quilling strip | card and paper | pieces | 450x40x20 | 30 | |
Quilling tool | tools | pieces | 110x10x10 | 10 | |
Heat gun; heat tool; embossing gun; hot air gun; hot-air gun | machines | pieces | 230x90x80 | 500 | T,N |
Laminator | machines | machine | 400x140x100 | 2000 | w300/300/0 |
Laminating pouch; laminating sheet; laminator pouch | card and paper | sheets | 297x216x0.2 | 230gsm | | 100
Printer; inkjet printer; laser printer; photo printer | machines | machine | 440x350x190 | 6000 | w250/100/200 |
Scanner | machines | machine | 420x300x60 | 2500 | w0/0/300 |
Label maker; labeller; label printer | machines | pieces | 180x110x60 | 450 | |
Shredder; paper shredder | machines | machine | 340x220x380 | 4000 | |
Laptop | machines | pieces | 350x240x22 | 1600 | flat |
Tablet; tablet computer | machines | pieces | 250x175x10 | 500 | flat |
Monitor; computer screen | machines | machine | 550x200x420 | 5000 | |
Calculator | tools | pieces | 150x80x15 | 100 | |
Typewriter | machines | machine | 360x350x150 | 7000 | |
Binding machine; comb binder; coil binder; wire binder | machines | machine | 400x270x160 | 4500 | w200/0/150 |
Binding coil; binding comb; binding wire; binding ring | planners | pieces | 300x25x25 | 20 | |
Bookbinding thread; linen thread; waxed thread; waxed linen | thread | rolls | 60x50 | 60 | |
Book cloth; bookcloth; buckram | fabric | rolls | 700x60 | 500 | D |
Beeswax; thread wax | wax | pieces | 50x50x20 | 30 | H |
Brayer; ink roller; lino roller; roller | tools | pieces | 180x110x45 | 250 |  |
Lino; lino block; linoleum; lino sheet; printing block; carving block | blanks | pieces | 210x148x4 | 150 | |
Lino cutter; lino tool; carving tool; gouge; linocut tool | cutting | pieces | 140x30x25 | 40 | S |
Baren | tools | pieces | 130x130x40 | 100 | |
Die storage pocket; stamp storage pocket; storage pocket; stamp pocket; die pocket; storage sleeve | dies | pieces | 180x130x1 | 8 | |
Anti-static tool; anti-static bag; anti-static pouch; powder tool | tools | pieces | 90x60x40 | 40 | |
Gel plate; printing plate | plates | pieces | 254x203x10 | 500 | flat |
Printing press; etching press | machines | machine | 600x500x400 | 25000 | |
Screen printing frame; silk screen; printing screen | frames | pieces | 500x400x30 | 900 | |
Squeegee | tools | pieces | 250x110x30 | 200 | |
Laptop computer; notebook computer | machines | pieces | 350x240x22 | 1600 | flat |
Photo paper | card and paper | sheets | 152x102 | 250gsm | D | 50
Earring card; jewelry card; jewellery card | packing | sheets | 90x50 | 300gsm | D | 50
Letter envelope; business envelope | envelopes | sheets | 241x105x0.25 | 100gsm | D | 25
Liquid pearl; pearl paint; pearl pen | paints | bottles | 90x25 | 30 | U |
Heat tape; heat-resistant tape; heat resistant tape | tapes | rolls | 10x50 | 20 | |
Book press; nipping press | tools | machine | 380x300x300 | 14000 | w0/0/200 |
Pressing board | tools | pieces | 350x250x18 | 900 | |
Ink slab; inking plate; registration board | tools | pieces | 300x210x6 | 600 | flat |
Print drying; art print; linocut; lino print | projects | sheets | 297x210x0.3 | 250gsm | D,L |
Endpaper; marbled paper | card and paper | sheets | 420x297 | 120gsm | L | 20
Journaling card; pocket card | card and paper | sheets | 102x76 | 250gsm | | 50
Stamp alphabet; alphabet stamp | stamps | pieces | 178x127x4 | 60 | |
Box file; archive box file | planners | pieces | 370x260x75 | 500 | |
Magazine file; magazine holder; magazine box | planners | pieces | 310x250x90 | 300 | |
Safety sheet; data sheet; instruction sheet; instruction; manual | patterns | sheets | 297x210 | 80gsm | D | 1
Layout; scrapbook layout; page layout | projects | pieces | 320x310x5 | 80 | |
Card kit; card making kit | projects | pieces | 250x180x40 | 300 | |
Scrapbook kit; page kit | projects | pieces | 320x310x30 | 500 | |
Tiny die cut; small die cut; punched shape; confetti | trims | loose | 25x20x0.4 | 0.1 | | 100
Stamp; acrylic stamp | stamps | pieces | 178x127x4 | 60 | |
`;
