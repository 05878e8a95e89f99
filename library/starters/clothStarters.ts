/** Starter lists of cloth and yarn crafts; the columns are those of starter.ts. Typical sizes, common practice, no source. */
export const CLOTH_CRAFTS: Readonly<Record<string, string>> = {
  'Vinyl and press': `
Adhesive vinyl, rolls | vinyl | rolls | 20 | 305x40 | 220 | H | 2
Heat transfer vinyl | vinyl | rolls | 15 | 305x45 | 280 | H | 2
Vinyl sheets | vinyl | sheets | 50 | 304.8x304.8 | 130gsm | H | 2
Heat press | machines | machine | 1 | 420x620x450 | 22000 | w300/0/350 | 2
Small hand press | machines | pieces | 1 | 260x240x150 | 2800 | T,N | 2
Mug press | machines | machine | 1 | 380x250x300 | 6000 | w150/0/100 | 0.5
Press mat, felt | press | pieces | 2 | 500x400x12 | 500 | | 2
Heat-resistant tape | tapes | rolls | 4 | 10x50 | 20 | | 2
Parchment for pressing | press | rolls | 1 | 380x60 | 700 | | 2
Blank shirts | blanks | soft | 20 | 300x250x25 | 180 | D | 1
Blank mugs | blanks | bottles | 12 | 100x90 | 350 | G | 0.5
Blank tote bags | blanks | soft | 10 | 400x200x10 | 120 | | 0.5
Sublimation paper | card and paper | sheets | 100 | 297x210 | 120gsm | D | 1
Sublimation ink | inks | bottles | 4 | 150x50 | 140 | U,L | 0.3
Lint rollers | cleaning | pieces | 3 | 230x60x60 | 90 | | 2
Vinyl scrap folder | vinyl | pieces | 2 | 320x250x30 | 300 | | 2
Application fluid | cleaning | bottles | 1 | 220x60 | 500 | U | 0.5
Press pillows | press | soft | 3 | 250x200x30 | 90 | | 1
Colour chart of vinyl | patterns | pieces | 1 | 300x210x8 | 150 | | 0.5`,
  Sewing: `
Sewing machine | machines | machine | 1 | 410x200x310 | 8500 | w200/250/0 | 3
Overlocker | machines | machine | 1 | 340x290x300 | 7500 | w200/100/0 | 1
Sewing thread, spools | thread | rolls | 60 | 55x25 | 20 | L | 4
Overlock cones | thread | rolls | 12 | 115x75 | 90 | L | 1
Bobbins | thread | loose | 40 | 21x21x11 | 3 | | 3
Machine needles | needles | pieces | 10 | 70x35x6 | 10 | S,M | 1
Hand needles | needles | pieces | 6 | 90x60x4 | 10 | S,M | 2
Pins, box | needles | pieces | 3 | 90x60x20 | 60 | S | 4
Sewing clips | tools | loose | 60 | 27x10x15 | 2 | | 3
Fabric shears | cutting | pieces | 2 | 240x90x20 | 200 | S | 4
Pinking shears | cutting | pieces | 1 | 230x90x22 | 230 | S | 0.5
Seam ripper | tools | pieces | 3 | 130x15x12 | 12 | S | 3
Tape measure | tools | pieces | 2 | 60x60x20 | 40 | | 3
Dressmaking patterns | patterns | pieces | 60 | 210x150x12 | 90 | | 1
Pattern paper | patterns | rolls | 1 | 900x70 | 1500 | | 0.5
Iron | machines | pieces | 1 | 290x130x150 | 1400 | T,U,N | 3
Ironing board, small | press | pieces | 1 | 800x320x60 | 3000 | | 2
Dress fabric, folded | fabric | soft | 30 | 300x200x40 | 400 | L | 1
Interfacing | fabric | soft | 6 | 300x200x30 | 150 | | 1
Zips | trims | pieces | 40 | 220x35x6 | 15 | | 1
Buttons, mixed | trims | loose | 500 | 16x16x4 | 1 | | 1
Elastic, cards | trims | pieces | 10 | 110x80x20 | 40 | | 1
Bias binding | trims | pieces | 20 | 110x90x15 | 30 | | 1
Hooks and eyes | trims | loose | 120 | 12x10x3 | 0.4 | | 0.5
Dress form | tools | pieces | 1 | 1500x400x300 | 6000 | | 0.3`,
  Quilting: `
Rotary cutter | cutting | pieces | 2 | 190x50x25 | 100 | S,N | 4
Rotary blades | blades | pieces | 2 | 90x70x10 | 40 | S,N | 0.3
Quilting ruler, long | cutting | long | 2 | 610x155x3 | 350 | | 4
Square rulers | cutting | pieces | 5 | 320x320x3 | 350 | flat | 3
Cutting mat, large | cutting | pieces | 1 | 900x600x3 | 1900 | flat,H | 4
Fat quarters | fabric | soft | 80 | 280x200x8 | 60 | L | 3
Fabric strip rolls | fabric | rolls | 8 | 64x110 | 350 | | 1
Charm packs | fabric | pieces | 10 | 130x130x25 | 150 | | 1
Quilt batting | fabric | soft | 3 | 600x450x200 | 900 | | 0.3
Backing fabric | fabric | soft | 6 | 350x250x70 | 900 | | 0.3
Fabric scraps by colour | fabric | soft | 8 | 300x200x150 | 600 | | 2
Quilting thread, cones | thread | rolls | 10 | 130x70 | 110 | L | 2
Basting spray | adhesives | bottles | 2 | 220x65 | 380 | F,H,U,N | 0.3
Safety pins, curved | needles | loose | 200 | 38x8x5 | 1 | S | 0.5
Walking foot | tools | pieces | 1 | 90x70x50 | 120 | | 1
Template plastic | patterns | sheets | 10 | 300x220 | 500gsm | | 0.5
Quilt patterns | patterns | pieces | 30 | 280x215x4 | 60 | | 1
Hexagon papers | patterns | loose | 400 | 50x44x0.3 | 0.3 | | 1
Wool pressing mat | press | pieces | 1 | 430x430x13 | 900 | | 3
Design wall clips | tools | loose | 12 | 50x40x20 | 15 | | 0.2
Unfinished quilt tops | projects | soft | 4 | 400x300x80 | 900 | | 0.5`,
  Yarn: `
Yarn, skeins | yarn | soft | 40 | 160x80x70 | 50 | L | 2
Yarn, cones | yarn | rolls | 6 | 200x120 | 500 | L | 0.5
Sock yarn | yarn | soft | 15 | 150x80x60 | 100 | L | 1
Yarn oddments | yarn | soft | 30 | 80x80x60 | 20 | | 1
Knitting needles, straight | needles | pieces | 16 | 350x8x8 | 20 | | 2
Circular needles | needles | pieces | 20 | 200x150x5 | 25 | | 3
Double-pointed needles | needles | pieces | 10 | 210x40x10 | 20 | | 1
Crochet hooks | needles | pieces | 14 | 150x12x10 | 12 | | 3
Stitch markers | tools | loose | 80 | 22x12x3 | 0.5 | | 3
Row counters | tools | pieces | 3 | 50x35x25 | 20 | | 2
Yarn winder | machines | pieces | 1 | 250x180x160 | 700 | | 0.5
Swift | machines | pieces | 1 | 650x150x120 | 900 | | 0.5
Knitting patterns | patterns | pieces | 40 | 297x210x1 | 10 | | 1
Knitting books | books | pieces | 12 | 280x215x15 | 600 | | 1
Blocking mats | tools | pieces | 9 | 310x310x12 | 120 | | 0.3
Blocking wires | tools | long | 12 | 900x3x3 | 25 | S | 0.3
Project bags | projects | soft | 6 | 300x250x120 | 300 | | 3
Darning needles | needles | pieces | 3 | 80x20x20 | 15 | | 2
Pompom makers | tools | pieces | 4 | 120x90x25 | 40 | | 0.3
Felting needles | needles | pieces | 6 | 90x10x10 | 3 | S,N | 0.5
Wool roving | yarn | soft | 20 | 200x120x60 | 50 | D | 0.5`,
  Embroidery: `
Embroidery floss | thread | pieces | 200 | 80x25x12 | 8 | L | 4
Floss bobbin box | thread | pieces | 4 | 270x180x40 | 700 | L | 4
Embroidery hoops | hoops | pieces | 10 | 200x190x18 | 90 | | 2
Hoop frames, large | hoops | pieces | 3 | 400x300x25 | 300 | | 0.5
Aida cloth | fabric | soft | 12 | 280x200x15 | 120 | | 1
Linen for stitching | fabric | soft | 8 | 280x200x20 | 150 | | 1
Embroidery scissors | cutting | pieces | 3 | 95x50x8 | 25 | S | 5
Needle minders | tools | loose | 8 | 30x30x6 | 10 | | 2
Cross-stitch charts | patterns | pieces | 50 | 297x210x2 | 25 | | 2
Beading thread | thread | rolls | 10 | 40x35 | 20 | | 0.5
Stabiliser | fabric | rolls | 3 | 250x70 | 300 | | 0.5
Water-soluble pens | pens | pieces | 4 | 140x12x12 | 10 | | 2
Embroidery machine | machines | machine | 1 | 550x250x320 | 12000 | w250/200/0 | 0.5
Magnifier lamp | lights | pieces | 1 | 450x220x120 | 1500 | G | 2
Thread conditioner | tools | pieces | 2 | 40x40x15 | 20 | | 1
Punch needle tools | needles | pieces | 3 | 150x20x20 | 25 | S | 0.5
Tapestry wool | yarn | pieces | 60 | 100x40x20 | 10 | L | 0.5
Canvas, blank | fabric | rolls | 3 | 600x60 | 400 | | 0.3
Metallic thread | thread | rolls | 15 | 40x30 | 12 | | 1
Stitching kits, unopened | projects | pieces | 6 | 300x220x40 | 300 | | 0.2`,
};
