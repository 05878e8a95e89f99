/** Usual sizes of what lies in rooms where cloth, yarn and leather are worked; columns as in usual/paperSizes.ts. From memory. */
export const CLOTH_KINDS = `
Thread; sewing thread; cotton thread; spool of thread; reel of cotton; reels of cotton; sewing cotton; machine thread; polyester thread; reel of thread; reels of thread | thread | rolls | 55x25 | 20 | L | 10
Serger thread; overlock thread; overlocker thread; thread cone; cone of thread; serger cone; overlock cone | thread | rolls | 115x75 | 90 | L | 4
Embroidery thread; machine embroidery thread | thread | rolls | 60x30 | 30 | L | 10
Embroidery floss; floss; stranded cotton; embroidery cotton; perle cotton; pearl cotton; pearl cotton ball; ball of pearl cotton; floss card; floss bobbin; skein of floss; embroidery thread skein; skein of embroidery thread | thread | pieces | 80x25x12 | 8 | L | 10
Quilting thread; hand quilting thread | thread | rolls | 65x40 | 40 | L |
Invisible thread; metallic thread; metal thread; beading thread; upholstery thread; jeans thread | thread | rolls | 50x35 | 30 | L |
Bobbin | thread | loose | 21x21x11 | 3 | | 10
Bobbin case; bobbin box; bobbin holder | thread | pieces | 150x110x25 | 120 | |
Floss box; floss organiser; floss organizer | thread | pieces | 270x180x40 | 600 | |
Needle; sewing needle; hand needle; hand sewing needle | needles | pieces | 90x60x4 | 10 | S,M |
Machine needle; sewing machine needle | needles | pieces | 70x35x6 | 10 | S,M |
Embroidery needle; tapestry needle; darning needle; beading needle; leather needle | needles | pieces | 80x30x5 | 8 | S,M |
Pin; straight pin; dressmaking pin; quilting pin; glass head pin | needles | loose | 34x4x4 | 0.2 | S,M | 200
Box of pins; boxes of pins; tin of pins; pin box | needles | pieces | 90x60x20 | 60 | S |
Safety pin; curved safety pin | needles | loose | 38x8x4 | 0.6 | S,M | 100
T-pin; blocking pin; t pin | needles | loose | 45x14x4 | 0.5 | S,M | 50
Pin cushion; pincushion; magnetic pin dish; pin dish; pin holder | needles | pieces | 90x90x60 | 80 | S |
Needle case; needle book; needle minder | needles | pieces | 110x80x20 | 50 | S |
thimble | tools | pieces | 22x18x18 | 8 |  |
Scissors; shears; pair of scissors | cutting | pieces | 210x80x15 | 90 | S |
Fabric scissors; fabric shears; dressmaking shears; dressmaker's shears; sewing scissors; applique scissors; appliqué scissors; tailor's shears | cutting | pieces | 240x90x20 | 200 | S |
Embroidery scissors; small scissors; detail scissors; thread snips; snips; thread nippers | cutting | pieces | 110x55x10 | 30 | S |
Pinking shears | cutting | pieces | 230x90x22 | 230 | S |
Paper scissors; decorative scissors; edging scissors | cutting | pieces | 180x75x15 | 80 | S |
Rotary cutter; roller cutter; fabric cutter | cutting | pieces | 190x50x25 | 100 | S,N |
Rotary blade; rotary cutter blade | blades | pieces | 90x70x10 | 40 | S,N |
Quilting ruler; quilter's ruler; quilt ruler; acrylic ruler; patchwork ruler | cutting | pieces | 610x152x3 | 350 | flat |
Ruler; steel ruler; metal ruler; straight edge; steel rule; rule; T-square; T square | cutting | pieces | 320x30x2 | 60 | |
Yardstick; metre stick; meter stick; metre rule | cutting | long | 914x32x6 | 150 | |
French curve; curve ruler; pattern curve; set square; triangle; hem gauge; seam gauge | tools | pieces | 300x120x3 | 60 | |
Protractor | tools | pieces | 150x80x2 | 60 | S |
Cutting mat; mat; self-healing mat; rotary mat; self healing mat | cutting | pieces | 600x450x3 | 900 | flat,H |
Seam ripper; unpicker; stitch ripper | tools | pieces | 130x15x12 | 12 | S |
Tape measure; measuring tape | tools | pieces | 60x60x20 | 40 | |
Chalk; tailor's chalk; tailors chalk; chalk pencil; marking chalk | pens | pieces | 80x10x10 | 15 |  |
Fabric pen; fabric marker; marking pen; disappearing pen; disappearing ink pen; heat erasable pen; water-soluble pen; erasable pen | pens | pieces | 140x12x12 | 12 | |
Sewing clip; fabric clip; quilting clip; binding clip; wonder clip | tools | loose | 27x10x15 | 2 |  | 50
Sewing machine | machines | machine | 410x200x310 | 8500 | w200/250/0 |
Overlocker; serger; overlock machine; coverstitch; coverlock | machines | machine | 340x290x300 | 7500 | w200/100/0 |
Embroidery machine; sewing and embroidery machine; sewing embroidery machine | machines | machine | 550x250x320 | 11000 | w250/250/0 |
Long arm; longarm; quilting machine; mid arm | machines | machine | 600x300x450 | 18000 | w400/300/0 |
Knitting machine | machines | machine | 1100x250x130 | 12000 | w300/200/0 |
Presser foot; walking foot; sewing foot; machine foot; sewing feet; presser feet; machine feet; sewing machine feet; zip foot; zipper foot; buttonhole foot; quilting foot; darning foot | tools | pieces | 60x40x25 | 30 | M |
Extension table; machine extension table | tools | pieces | 550x400x80 | 2000 | |
Foot pedal; foot control; pedal | machines | pieces | 200x150x60 | 700 | |
Iron; steam iron; travel iron; mini iron; pressing iron | machines | pieces | 290x130x150 | 1400 | T,U,N |
Ironing board | press | pieces | 1350x380x70 | 3000 |  |
Tailor's ham; pressing ham; seam roll; clapper | press | pieces | 300x200x120 | 500 | |
Wool mat; wool pressing mat; ironing mat; pressing mat; ironing pad | press | pieces | 430x430x13 | 900 | flat |
Clothes steamer; steamer; garment steamer | machines | pieces | 280x150x120 | 1200 | T,N |
Spray bottle; water spray; mister; spritzer; water bottle | tools | bottles | 210x80 | 90 | U |
Fabric; cotton fabric; quilting cotton; cotton; cloth; dress fabric; vinyl fabric; faux leather; cotton print; printed cotton; print fabric; coating; wool coating; wool fabric; yardage; flannel; flannelette; seersucker; chambray; calico; muslin; lawn; poplin; gingham; lining; lining fabric; chiffon; satin; silk; polyester fabric; tulle; voile; organza; netting; quilt fabric; backing fabric | fabric | soft | 300x200x40 | 400 | L |
Linen; canvas fabric; denim; corduroy; tweed; wool fabric; upholstery fabric; canvas cloth; twill; jersey; knit fabric; velvet; faux fur; plush fabric; brocade; wool cloth; duck cloth; oilcloth; laminated cotton; linen fabric | fabric | soft | 300x250x60 | 600 | L |
Fleece; fleece fabric; polar fleece; sherpa; fur fabric | fabric | soft | 400x300x80 | 700 | L |
Felt; wool felt; craft felt; felt sheet; felt square | fabric | soft | 305x229x1.5 | 15 | L | 10
Bolt of fabric; fabric bolt; bolt of cotton; bolt of cloth | fabric | pieces | 600x200x90 | 3000 | L |
Fat quarter; fat eighth; fabric quarter | fabric | soft | 280x200x8 | 60 | L | 10
Fabric scrap; scrap fabric; fabric remnant; remnant; fabric offcut; felt scrap; felt remnant; cotton scrap; denim offcut; denim scrap | fabric | soft | 300x200x150 | 600 | L |
Fabric strip roll; strip roll; fabric strip | fabric | rolls | 64x110 | 350 | L |
Charm pack; charm square; precut; pre-cut; precut strip; pre-cut strip | fabric | pieces | 130x130x30 | 400 | L |
Batting; wadding; quilt batting; quilt wadding | fabric | soft | 600x450x200 | 900 | |
Fiberfill; fibrefill; stuffing; toy stuffing; poly fill; polyfill; toy filling; polyester filling; polyester fill | fabric | soft | 500x350x250 | 500 | |
Interfacing; fusible interfacing; fusible web; iron-on adhesive; fusible adhesive; iron-on interfacing; bonding web; fusible | fabric | soft | 300x200x30 | 150 | |
Stabiliser; stabilizer; tear-away; cut-away | fabric | rolls | 250x70 | 300 | |
Pillow form; cushion pad; cushion insert; pillow insert | fabric | soft | 450x450x150 | 450 | |
Foam; upholstery foam; foam sheet | fabric | soft | 500x400x50 | 400 | |
Burlap; hessian; jute cloth | fabric | soft | 300x250x50 | 400 | |
Aida; aida cloth; evenweave; cross-stitch fabric; cross stitch fabric | fabric | soft | 280x200x15 | 100 | |
Cross-stitch kit; cross stitch kit; embroidery kit; needlepoint kit; sewing kit; knitting kit; craft kit; latch hook kit | projects | pieces | 300x220x40 | 300 | |
Embroidery hoop; hoop | hoops | pieces | 200x190x18 | 70 | |
Stretcher bar; scroll frame; embroidery frame; slate frame; tapestry frame | hoops | pieces | 450x350x30 | 600 | |
Zip; zipper; invisible zip | trims | pieces | 220x35x6 | 15 | | 10
Zip by the yard; continuous zip; zipper by the yard | trims | rolls | 35x100 | 150 | |
Zipper pull; zip pull; slider | findings | loose | 30x8x5 | 2 | | 20
Button | trims | loose | 16x16x4 | 1 | | 100
Shank button; cover button; self-cover button; toggle; toggle button | trims | loose | 25x25x12 | 4 | | 20
Snap; press stud; snap fastener; popper | trims | loose | 12x12x4 | 1 | M | 50
Hook and eye; hooks and eyes | trims | loose | 12x10x3 | 0.4 | | 50
Hook and loop; hook and loop tape; sew-on hook tape; hook and loop fastener | trims | rolls | 25x80 | 80 |  |
Elastic; elastic band roll; elastic cord; elastic roll; elastic on cards | trims | pieces | 110x80x20 | 40 |  |
Bias tape; bias binding; seam binding; hem tape | trims | pieces | 110x90x15 | 30 | |
Ribbon; satin ribbon; grosgrain ribbon; grosgrain; ribbon spool; velvet ribbon | trims | rolls | 25x70 | 30 | L | 10
Lace; lace trim; trim; trimming; braid; ric rac; rickrack; piping; fringe; gimp; bunting; edging | trims | soft | 120x90x30 | 40 | L |
Cord; piping cord; drawstring; macrame cord; macramé cord; macrame rope; paracord; rope; leather cord; leather thong; leather lace; thonging; waxed cord; rattail | trims | rolls | 60x80 | 150 | |
Twine; baker's twine; bakers twine; string; jute twine; raffia; ball of string | trims | rolls | 70x70 | 90 | |
Webbing; strap; bag strap; belt webbing | trims | rolls | 30x110 | 200 | |
Purse handle; bag handle; bag strap handle | findings | pieces | 400x40x15 | 90 | |
Bag hardware; d-ring; d ring; swivel clasp; buckle; magnetic snap; bag clasp; purse frame; rivet; chicago screw; o-ring; snap hook; lobster swivel | findings | loose | 35x30x8 | 10 | M | 10
Applique; patch; iron-on patch; motif | trims | pieces | 80x70x2 | 6 | |
Pom pom; pompom; pom-pom; cotton ball | trims | loose | 15x15x15 | 0.3 | | 100
Pipe cleaner; chenille stem; chenille stick | trims | pieces | 300x6x6 | 1 | | 100
Googly eye; wiggle eye; wobbly eye | trims | loose | 10x10x4 | 0.2 | | 100
Toy eye; safety eye; amigurumi eye; doll eye; toy nose; safety nose | trims | loose | 12x12x14 | 1 | | 50
Feather | trims | soft | 150x100x20 | 8 | |
Tassel | trims | pieces | 90x25x20 | 8 | |
Patch kit; darning kit; mending kit | tools | pieces | 150x100x30 | 100 | |
Sewing pattern; dress pattern; dressmaking pattern; pattern; pattern envelope; paper pattern | patterns | pieces | 210x150x12 | 90 | |
Pattern paper; dot and cross paper; swedish tracing paper | patterns | rolls | 900x70 | 1500 | |
Pattern weight; sewing weight; fabric weight | tools | pieces | 60x60x20 | 150 | |
Pattern notcher; tracing wheel; pounce wheel; awl tracing | tools | pieces | 160x40x20 | 60 | S |
Dress form; dressmaker's dummy; dressmakers dummy; mannequin; dress dummy; tailor's dummy | tools | pieces | 1500x400x300 | 6000 | |
Coat hanger; clothes hanger; hanger; skirt hanger | tools | pieces | 430x220x12 | 80 | |
Lint roller; lint brush | cleaning | pieces | 230x60x60 | 90 | |
Yarn; wool; knitting wool; knitting yarn; worsted yarn; acrylic yarn; skein of yarn; chunky yarn; dk yarn; aran yarn; crochet cotton; crochet thread; cotton yarn; sock yarn; mohair; alpaca; merino; angora; cashmere; boucle; double knitting | yarn | soft | 150x80x70 | 75 | L |
Ball of wool; ball of yarn; balls of wool; balls of yarn; balls wool; balls yarn; knitting wool balls | yarn | soft | 120x90x80 | 60 | L |
Sock yarn; lace yarn; fingering yarn; baby wool; baby yarn | yarn | soft | 150x80x60 | 100 | L |
Yarn cone; cone of yarn; weaving yarn; cotton cone | yarn | rolls | 200x120 | 500 | L |
Yarn scrap; yarn oddment; leftover yarn; yarn end; yarn leftover; wool scrap; wool oddment; wool leftover | yarn | soft | 80x80x60 | 25 | L |
Wool roving; roving; wool top; wool tops; felting wool; merino roving; spinning fiber; fiber; fleece for spinning | yarn | soft | 200x120x60 | 60 | L |
Fleece raw; raw fleece; raw wool | yarn | soft | 600x400x250 | 2000 | L |
Tapestry wool; crewel wool; persian wool | yarn | pieces | 100x40x20 | 12 | L |
Crochet hook; tunisian hook | needles | pieces | 150x12x10 | 12 | |
Knitting needle; straight needle; pair of knitting needles; needle pair | needles | pieces | 350x8x8 | 15 | |
Circular needle; interchangeable needle; circular knitting needle | needles | pieces | 200x150x5 | 25 | |
Double-pointed needle; double pointed needle; dpn; sock needle | needles | pieces | 210x40x10 | 25 | |
Interchangeable needle set; needle set; hook set; crochet hook set | needles | set | 230x130x40 | 300 | |
Cable needle; stitch holder | tools | pieces | 130x20x5 | 8 | |
Stitch marker; row counter | tools | loose | 22x12x3 | 0.5 | | 40
Felting needle | needles | pieces | 90x10x10 | 4 | S,N |
Felting pad; felting mat; felting foam; felting brush | tools | pieces | 200x150x50 | 100 | |
Yarn winder; ball winder; wool winder | machines | pieces | 250x180x160 | 900 | |
Yarn swift; swift; umbrella swift | machines | pieces | 650x150x120 | 1200 | |
Yarn bowl | tools | pieces | 150x150x100 | 500 | G |
Spinning wheel | machines | machine | 800x500x900 | 7000 | w500/0/0 |
Drop spindle; spindle | tools | pieces | 260x80x80 | 60 | |
Drum carder | machines | machine | 500x350x300 | 6000 | |
Hand carder; carding brush; carder | tools | pieces | 230x210x60 | 400 | |
Loom; table loom; rigid heddle loom; weaving loom; frame loom | machines | pieces | 600x450x120 | 3000 | |
Peg loom; knitting loom; loom knitter; round loom | tools | pieces | 300x300x50 | 300 | |
Weaving shuttle; shuttle; stick shuttle | tools | pieces | 300x40x15 | 60 | |
Pompom maker; pom pom maker; tassel maker | tools | pieces | 120x90x25 | 60 | |
Blocking mat; blocking board | tools | pieces | 310x310x12 | 150 | |
Project bag; knitting bag; craft bag; tote project bag | projects | soft | 300x250x120 | 400 | |
Work in progress; WIP; unfinished project; ufo; quilt top; unfinished object | projects | soft | 400x300x80 | 800 | |
Finished quilt; quilt; blanket; throw; unfinished blanket | projects | soft | 500x400x200 | 2500 | |
Leather; leather hide; hide; leather skin; suede; vegan leather; leather side; faux leather | fabric | rolls | 600x80 | 1200 | D |
Leather scrap; leather offcut; leather piece; leather remnant; suede scrap | fabric | soft | 300x250x80 | 600 | D |
Leather punch; revolving punch; rotary punch; leather stamp; bevel tool; edge beveler; stitching chisel; pricking iron; leather tool | tools | pieces | 200x60x25 | 200 | S |
Mallet; rubber mallet; rawhide mallet; wooden mallet | tools | pieces | 280x100x70 | 500 | |
Awl; bradawl; scratch awl; stitching awl | tools | pieces | 130x30x30 | 60 | S |
T-shirt; blank shirt; t shirts blank; shirt; blank tee; tee; hoodie; sweatshirt; baby onesie; bodysuit; apron; blank t-shirt | blanks | soft | 300x250x25 | 180 |  |
Tote bag; blank bag; canvas bag; cotton bag | blanks | soft | 400x200x10 | 120 | |
Cap; baseball cap; hat; beanie | blanks | soft | 280x200x120 | 100 | |
Towel; tea towel; dish towel; napkin; handkerchief | blanks | soft | 300x200x15 | 100 | |
Mug; blank mug; coffee mug | blanks | bottles | 100x90 | 350 | G |
Tumbler; travel mug; steel tumbler; water tumbler; wine tumbler | blanks | bottles | 200x85 | 350 | |
Keyring; key ring; keychain; key chain; split ring; keychain blank; keyring blank | findings | loose | 60x30x5 | 8 | | 20
Coaster; blank coaster; slate coaster | blanks | pieces | 100x100x8 | 80 | |
Vinyl; vinyl roll; adhesive vinyl; permanent vinyl; sticky vinyl; outdoor vinyl | vinyl | rolls | 305x40 | 220 | H |
Heat transfer vinyl; htv; iron-on vinyl; iron-on; flock vinyl | vinyl | rolls | 305x45 | 280 | H |
Vinyl sheet; sheet of vinyl | vinyl | sheets | 304.8x304.8x0.2 | 160gsm | H | 10
Vinyl scrap; vinyl offcut | vinyl | pieces | 320x250x30 | 300 | H |
Transfer tape; application tape; transfer tape roll | vinyl | rolls | 305x45 | 350 | |
Sublimation paper | card and paper | sheets | 297x210 | 120gsm | D | 100
Weeding tool; weeder; hook tool; weeding hook; weeding pick | tools | pieces | 150x15x15 | 15 | S |
Weeding tool set; weeding tools set | tools | set | 210x110x20 | 200 | S |
Scraper; burnisher; squeegee small | tools | pieces | 120x80x6 | 40 | |
Heat press; t-shirt press; swing press; clam press | machines | machine | 420x620x450 | 22000 | w300/0/350 |
Hand press; small heat press; mini press; mini heat press | machines | pieces | 260x240x150 | 2800 | T,N |
Mug press; tumbler press; hat press; cap press | machines | machine | 380x250x300 | 6000 | w150/0/100 |
Press pillow; heat press pillow; pressing pillow; press sheet; non-stick sheet | press | pieces | 380x380x6 | 90 | |
Needle threader; threader; bodkin | tools | pieces | 45x20x8 | 5 | |
Sleeve board; tabletop ironing board; small ironing board | press | pieces | 800x320x60 | 3000 | |
Compass; drawing compass; pair of compasses | tools | pieces | 150x60x15 | 60 | S |
Pressing cloth | press | soft | 300x200x8 | 60 | |
Spray starch; starch; starch spray; fabric spray; ironing spray | cleaning | bottles | 230x60 | 500 | F,U |
Jelly roll; layer cake; fabric roll precut | fabric | pieces | 120x120x70 | 500 | L |
Fabric bundle; fat quarter bundle | fabric | pieces | 280x200x80 | 600 | L |
Shoulder pad; bra cup | trims | soft | 150x120x30 | 20 | |
Wired ribbon | trims | rolls | 45x90 | 60 | |
Curling ribbon | trims | rolls | 60x80 | 60 | |
Gift bow; bow | trims | soft | 80x80x50 | 10 | |
Ribbon scrap; ribbon offcut; lace scrap; trim scrap | trims | soft | 80x60x20 | 6 | L |
Stretch cord; stretchy cord; beading elastic; elastic thread; elastic cord | trims | rolls | 20x50 | 20 | |
Leather dye; edge paint | paints | bottles | 90x40 | 120 | U |
Felt ball | trims | loose | 20x20x20 | 1.5 | | 30
Yarn cake; cake of yarn | yarn | soft | 120x120x80 | 100 | L |
Row counter | tools | pieces | 50x35x25 | 20 | |
Knitting book | books | pieces | 280x215x15 | 600 | |
Crochet book | books | pieces | 280x215x15 | 600 | |
Clothes; mending; mending pile; repair pile | projects | soft | 300x250x40 | 350 | |
Finished dress; dress; skirt; blouse; finished garment | projects | soft | 350x300x40 | 400 | |
`;
