/** Usual sizes of paint, beads, clay, wax, wood, flowers, parcels, tools and what lies in any workroom; columns as in usual/paperSizes.ts. From memory. */
export const OTHER_KINDS = `
Acrylic paint; acrylic; craft paint; bottle of paint; paint bottle; paint | paints | bottles | 115x38 | 80 | U |
Paint tube; acrylic paint tube; tube of acrylic paint; tube of paint; tubes of acrylic; paint tubes acrylic | paints | pieces | 170x40x35 | 110 | |
Oil paint; oil paint tube; tube of oil paint; oils; oil colour; oil color | paints | pieces | 140x35x30 | 70 | |
Watercolour tube; watercolor tube; tube of watercolour | paints | pieces | 70x16x16 | 35 |  |
Watercolour set; watercolor set; watercolour palette; watercolor palette; watercolour box; paint palette set | paints | set | 230x110x25 | 300 | |
Paint set; acrylic paint set; gouache set; poster paint set | paints | set | 250x180x50 | 700 | |
Washable paint; finger paint; kids paint | paints | bottles | 170x60 | 400 | U |
Tempera; poster paint; tempera paint | paints | bottles | 190x70 | 600 | U |
Fabric paint; silk paint; puff paint; dimensional paint | paints | bottles | 75x45 | 70 | U |
Chalk paint; furniture paint; milk paint; emulsion paint; wall paint; tin of paint; can of paint; paint can | paints | bottles | 120x100 | 900 | U |
Spray paint; aerosol paint; spray can paint; can of spray paint; cans spray paint; cans of spray paint; aerosol | paints | bottles | 200x65 | 400 | F,U |
Varnish spray; spray varnish; spray can varnish; spray can matte varnish; clear coat spray; spray sealer; fixative spray; fixative; hair spray; spray can | solvents | bottles | 200x65 | 400 | F,U |
Varnish; lacquer; sealer; sealant; polyurethane; top coat; shellac; wood finish; wood stain; wood oil; linseed oil; danish oil | solvents | bottles | 120x85 | 500 | F,U |
Turpentine; turps; white spirit; mineral spirits; paint thinner; solvent; thinner; brush cleaner; acetone; rubbing alcohol; isopropyl alcohol; methylated spirit; denatured alcohol; nail polish remover | solvents | bottles | 200x75 | 500 | F,U,N |
Nail polish; nail varnish | paints | bottles | 80x30 | 40 | F,U |
Primer; spray primer; gesso primer | paints | bottles | 120x85 | 500 | U |
Gesso; acrylic gesso; painting medium | paints | bottles | 80x70 | 250 | U |
Masking fluid; drawing gum | paints | bottles | 80x40 | 60 | U |
Fabric dye; dye; dye powder; dye sachet; food colouring; natural dye | paints | pieces | 100x80x8 | 15 | D |
Dye bottle; bottle of dye; liquid dye | paints | bottles | 150x60 | 250 | U |
Dye pot; dye pan; double boiler; stock pot; saucepan | tools | pieces | 260x220x180 | 1200 | |
Wax melter; wax melting pot; melting pot; wax pot; pouring pot; pouring pitcher; pouring jug | tools | pieces | 240x200x180 | 1000 | |
Paint brush; paintbrush; brush; brushes; watercolour brush; watercolor brush; acrylic brush | brushes | pieces | 200x10x10 | 10 | |
Foam brush; sponge brush; flat brush; wide brush; hake brush; house painting brush; chip brush | brushes | pieces | 180x60x20 | 25 | |
Blending brush; ink blending tool; ink brush tool; dauber; blending tool; stencil brush; makeup brush | brushes | pieces | 150x30x30 | 30 | |
Glue brush | brushes | pieces | 220x40x20 | 40 | |
Water brush; aqua brush; water pen | brushes | pieces | 160x14x14 | 12 | |
Sponge; sea sponge; paint sponge; makeup sponge | brushes | soft | 100x70x40 | 8 | |
Paint roller; foam roller; mini roller | brushes | pieces | 280x120x60 | 150 | |
Palette; paint palette; mixing palette; paint tray; mixing tray | brushes | pieces | 300x220x20 | 200 | |
Palette knife; painting knife; spatula; craft spatula | brushes | pieces | 210x25x15 | 30 | |
Water jar; water pot; brush pot; rinse cup | brushes | bottles | 110x85 | 100 | |
Brush roll; brush holder; brush case; pencil roll; tool roll | brushes | pieces | 350x80x50 | 200 | |
Canvas; stretched canvas; blank canvas | canvas | pieces | 400x300x18 | 350 | |
Canvas board; canvas panel; art board; painting board; wood panel; cradled panel | canvas | pieces | 300x250x4 | 250 | |
Canvas roll; roll of canvas | fabric | rolls | 600x60 | 1000 | |
Easel; table easel; tabletop easel | tools | pieces | 420x350x60 | 1200 | |
Floor easel; standing easel; studio easel | tools | long | 1500x150x100 | 4000 | |
Drawing board; drafting board; drawing table top | tools | pieces | 600x450x20 | 1800 | |
Art portfolio; portfolio; portfolio case | albums | pieces | 650x480x40 | 900 | |
Marker; felt tip; felt pen; felt-tip pen; highlighter; whiteboard marker; permanent marker | pens | pieces | 140x12x12 | 14 | |
Alcohol marker; dual tip marker; brush marker; twin marker | pens | pieces | 150x17x17 | 16 | |
Brush pen; lettering pen; calligraphy marker | pens | pieces | 165x12x12 | 12 | |
Paint pen; paint marker; chalk marker; acrylic marker; oil marker | pens | pieces | 145x14x14 | 18 | |
Pen; ballpoint; ballpoint pen; gel pen; glitter pen; fineliner; technical pen; rollerball | pens | pieces | 145x11x11 | 10 | |
Fountain pen; dip pen; pen holder; nib holder | pens | pieces | 165x15x15 | 20 | |
Nib; pen nib | pens | loose | 35x6x4 | 0.5 | | 10
Pencil; graphite pencil; drawing pencil; sketching pencil | pens | pieces | 175x8x8 | 6 | |
Coloured pencil; colored pencil; colouring pencil; coloring pencil; watercolour pencil; watercolor pencil; pencil crayon | pens | pieces | 175x8x8 | 6 | | 24
Mechanical pencil; propelling pencil | pens | pieces | 145x11x11 | 12 | |
Marker set; set of markers; pen set; pencil set; coloured pencil set; colored pencil set; set of pencils; set of pens | pens | set | 230x150x60 | 600 | |
Crayon; wax crayon | pens | loose | 92x8x8 | 5 | H | 24
Box of crayons; boxes of crayons; crayon box; pack of crayons; pencil case; pencil box; pencil tin | pens | pieces | 150x80x35 | 150 | |
Pastel; soft pastel; oil pastel; pastel set; chalk pastel; pastels set | pens | set | 250x180x25 | 400 | G |
Pastel stick; pastel pencil; charcoal; charcoal stick; conte; graphite stick | pens | pieces | 150x10x10 | 8 | G |
Eraser; rubber; kneaded eraser; putty rubber | pens | pieces | 60x25x12 | 15 | |
Pencil sharpener; sharpener | pens | pieces | 60x40x40 | 60 | |
Blending stump; tortillon | pens | pieces | 130x10x10 | 4 | |
Light pad; light box; lightbox; light table; tracing light; light pad A4 | lights | pieces | 360x240x8 | 600 | flat |
Magnifier; magnifying glass; magnifying lamp; magnifier lamp; ring light | lights | pieces | 450x220x120 | 1500 | |
Lamp; desk lamp; task lamp; table lamp; clip-on lamp | lights | pieces | 420x200x180 | 1200 | G |
Headlamp; head torch; torch; flashlight; head magnifier; reading glasses; magnifying glasses | lights | pieces | 150x70x60 | 90 | |
Fairy light; twinkle light; string light; led string; led strip; set of fairy lights | lights | pieces | 150x120x60 | 150 | |
Light bulb; bulb | lights | pieces | 110x60x60 | 50 | G |
Tripod; phone holder; phone tripod; camera stand | tools | long | 500x100x100 | 900 | |
Camera | machines | pieces | 140x100x90 | 700 | G |
Seed bead; bugle bead | beads | loose | 3x3x2 | 0.01 | | 1000
Seed bead tube; tube of seed beads; beads tubes; beads tube; tubes of beads; tube of beads; bead tube | beads | bottles | 75x14 | 20 | |
Bead; crystal; bicone; glass bead; wooden bead; wood bead; crystal bead; pony bead; acrylic bead; gemstone bead; czech bead; pearl bead; spacer bead; letter bead; stone bead; pearl; alphabet bead; plastic bead; fuse bead; iron bead; metal bead | beads | loose | 8x8x8 | 0.7 | | 100
Bead strand; strand of beads; strands of beads; gemstone strand; bead string | beads | pieces | 400x10x10 | 40 | |
Bead box; bead organiser; bead organizer; bead tray; bead case; bead storage box | beads | pieces | 280x190x40 | 500 |  |
Jump ring | findings | loose | 6x6x1 | 0.15 | | 100
Earring hook; ear wire; ear hook; earring finding; earring post; earring back; ear stud; fish hook | findings | loose | 25x12x2 | 0.3 | | 50
Earring blank; earring; pair of earrings; bracelet; necklace; ring blank; bezel; pendant; pendant blank; locket; brooch; brooch back; brooch pin; cabochon; charm | findings | loose | 35x25x6 | 4 |  | 10
Clasp; lobster clasp; toggle clasp; magnetic clasp; crimp; crimp bead; crimp cover; bead cap; head pin; eye pin; headpin; eyepin; finding; connector; bail; spacer; jewellery finding; jewelry finding | findings | loose | 14x8x4 | 0.5 | | 50
Chain; necklace chain; jewellery chain; jewelry chain; chain roll | findings | pieces | 90x60x10 | 25 | |
Wire; jewellery wire; jewelry wire; craft wire; spool of wire; beading wire; copper wire; silver wire; aluminium wire; aluminum wire; floral wire roll; coil of wire; memory wire; brass wire | wire | rolls | 25x60 | 80 | |
Stem wire; floral wire; florist wire; flower wire; wire stem | floral | loose | 400x2x2 | 3 | | 50
Pliers; round-nose pliers; needle-nose pliers; chain-nose pliers; flat-nose pliers; crimping pliers; jewellery pliers; jewelry pliers; side cutters; wire cutters; flush cutters; nippers; bent-nose pliers | tools | pieces | 130x55x15 | 90 | |
Jewellery hammer; jewelry hammer; hammer; ball-peen hammer; chasing hammer | tools | pieces | 280x100x30 | 400 | |
Bench block; anvil; dapping block; steel block | tools | pieces | 100x100x20 | 1200 | |
Ring mandrel; mandrel; bracelet mandrel | tools | pieces | 300x30x30 | 400 | |
Ring sizer; caliper; gauge; wire gauge; digital caliper; callipers | tools | pieces | 200x80x15 | 150 | |
Bead mat; beading mat; bead board; beading board | tools | pieces | 350x280x6 | 150 | flat |
Bead loom; bead spinner | tools | pieces | 400x150x60 | 300 | |
Torch jewellery; butane torch; micro torch; blow torch; creme brulee torch; gas torch | machines | pieces | 180x120x65 | 350 | F,T,N |
Butane; gas can; gas canister; gas cartridge; lighter fluid | solvents | bottles | 190x60 | 250 | F,N,U |
Soldering iron; wood burner; wood burning tool; pyrography pen; wood burning pen; stained glass iron; soldering station; pyrography tool | machines | pieces | 250x60x50 | 300 | T,N |
Solder; solder roll; flux; copper foil; foil tape | findings | rolls | 30x60 | 200 | |
Third hand; helping hand; bench vice; bench vise; vice; vise; clamp; g-clamp; c-clamp; spring clamp; bar clamp | tools | pieces | 220x100x40 | 700 | |
Tumbler polisher; rock tumbler; rotary tumbler; ultrasonic cleaner | machines | machine | 250x200x200 | 3000 | |
Display bust; jewellery stand; jewelry stand; jewellery display; earring display; ring holder; display stand | display | pieces | 250x200x120 | 400 | G |
Glass sheet; stained glass; glass piece; sheet of glass; glass tile; mirror; mirror tile | tiles | pieces | 300x200x3 | 500 | G,S |
Mosaic tile; tessera; tesserae; mosaic; mosaic piece; pebble; gravel; sea glass; shell; seashell; stone; marble; glass nugget; crystal | tiles | loose | 20x20x5 | 4 | | 100
Tile; ceramic tile | tiles | pieces | 150x150x8 | 350 | G
Grout; cement; plaster; plaster of paris; concrete mix; mortar | moulds | pieces | 300x200x90 | 5000 | D,Y |
Polymer clay; block of polymer clay; oven clay; oven bake clay; polymer clay block | clay | pieces | 60x55x18 | 57 | H |
Air-dry clay; air dry clay; modelling clay; modeling clay; clay; self-hardening clay; foam clay; salt dough; epoxy clay; epoxy putty | clay | pieces | 120x90x40 | 500 | |
Stoneware clay; pottery clay; earthenware clay; porcelain clay; bag of clay; clay bag; terracotta clay; potter's clay | clay | pieces | 350x180x180 | 12000 | |
Glaze; underglaze; glaze jar; pottery glaze; slip; engobe; wax resist | paints | bottles | 110x80 | 500 | U |
Clay tool; modelling tool; modeling tool; pottery tool; sculpting tool; loop tool; ribbon tool; clay knife; rib; needle tool; wood tool; wire cutter clay; trimming tool | tools | pieces | 180x20x15 | 25 | |
Clay tool set; modelling tool set; pottery tool set; sculpting set | tools | set | 230x110x25 | 200 | |
Clay cutter; cookie cutter; shape cutter; biscuit cutter | tools | pieces | 60x60x25 | 20 | |
Rolling pin; clay roller; acrylic roller | tools | pieces | 300x50x50 | 400 | |
Clay extruder; extruder; clay gun | tools | pieces | 200x60x40 | 300 | |
Pasta machine; clay conditioner; slab roller small | machines | machine | 240x200x180 | 2500 | |
Texture mat; texture sheet; texture plate; texture roller | tools | pieces | 160x100x4 | 40 | |
Potter's wheel; potters wheel; pottery wheel | machines | machine | 550x500x450 | 35000 | w600/0/400 |
Banding wheel; turntable; lazy susan; cake turntable | tools | pieces | 250x250x120 | 2500 | |
Kiln; small kiln; microwave kiln; pottery kiln | machines | machine | 450x450x500 | 30000 | T,N,w200/200/300 |
Toaster oven; craft oven; clay oven; mini oven | machines | machine | 420x330x250 | 6000 | T,N |
Hot plate; hotplate; electric stove; induction plate | machines | pieces | 300x280x80 | 2000 | T,N |
Mould; mold; silicone mould; silicone mold; resin mold; resin mould; soap mould; soap mold; candle mould; candle mold; chocolate mould; plaster mould; clay mould; clay mold | moulds | pieces | 150x110x25 | 90 |  |
Epoxy resin; resin; casting resin; resin bottle; hardener; resin hardener; part a; part b | resin | bottles | 210x80 | 900 | U,N |
Resin kit; epoxy kit; resin set; resin starter kit; epoxy resin kit | resin | set | 200x180x90 | 1500 | U,N |
UV resin | resin | bottles | 140x50 | 200 | U,L,N |
Resin pigment; resin dye; resin tint; resin colour; pigment paste | resin | bottles | 70x25 | 25 | U |
UV lamp; uv light; curing lamp; nail lamp | machines | pieces | 200x180x100 | 500 | |
Mixing cup; measuring cup; silicone cup; paper cup; plastic cup; disposable cup; medicine cup; beaker | brushes | pieces | 100x80x80 | 15 | | 20
Stirring stick; craft stick; lolly stick; popsicle stick; ice cream stick; wooden stick; tongue depressor; skewer; toothpick; coffee stirrer; bamboo skewer; cocktail stick; matchstick; stir stick; mixing stick | wood | loose | 114x10x2 | 1 |  | 100
Candle wax; soy wax; paraffin wax; wax pellet; beeswax pellet; wax flake; bag of wax; bag of soy wax; wax; candle wax bag; beeswax pastille | wax | pieces | 300x200x80 | 1500 | H |
Candle; pillar candle; taper candle; tea light; tealight; votive; jar candle | wax | bottles | 100x70 | 300 | H |
Wick; candle wick; wick sticker; wick tab | wax | loose | 150x3x3 | 1 | | 100
Candle jar; candle tin; candle container; empty jar; jam jar; canning jar; glass jar; preserving jar; storage jar; jelly jar; spice jar; baby food jar | packing | bottles | 120x80 | 250 | G |
Soap base; melt and pour; soap block; bar of soap; soap bar; soap; bath bomb | wax | pieces | 90x60x30 | 120 | |
Lye; sodium hydroxide; caustic soda | solvents | bottles | 160x80 | 700 | N,U |
Essential oil; fragrance oil; fragrance; scent oil; perfume oil | inks | bottles | 75x28 | 40 | F,U |
Carrier oil; olive oil; coconut oil; shea butter; cocoa butter; oil bottle; almond oil | wax | bottles | 200x75 | 600 | U |
Thermometer | tools | pieces | 250x30x20 | 80 | |
Kitchen scale; scale; digital scale; scales; parcel scale; postal scale; weighing scale; shipping scale | machines | pieces | 250x210x35 | 700 | flat |
Hand mixer; stick blender; immersion blender; blender; mixer; food processor; coffee grinder | machines | pieces | 380x120x100 | 1200 | |
Wax seal; wax seal stamp; sealing stamp; seal stamp | seals | pieces | 90x30x30 | 80 | |
Wax seal set; wax seal kit; sealing wax set; sealing wax kit | seals | set | 200x150x60 | 400 | |
Sealing wax; sealing wax stick; wax stick; wax bead; wax melt | seals | pieces | 90x11x11 | 12 | H |
Wreath; finished wreath; wreath decorated | floral | pieces | 450x450x150 | 900 | G |
Wreath frame; wreath form; wreath ring; wire wreath; grapevine wreath; metal ring; macrame ring; floral ring; dream catcher ring; wooden ring | floral | pieces | 350x350x30 | 200 | |
Silk flower; artificial flower; faux floral; fake flower; faux flower; flower stem; greenery; artificial greenery; eucalyptus; stem; silk flowers stems; pick; floral pick; garland | floral | soft | 400x100x80 | 40 | |
Dried flower; pressed flower; flower pressed; dried flower bunch; dried leaf; pressed leaf | floral | pieces | 80x60x2 | 2 | G,D |
Bunch of dried flowers; dried lavender; lavender; lavender bunch; dried bunch; dried bouquet; bouquet; pampas grass; preserved moss bunch | floral | soft | 500x150x120 | 90 | G |
Moss; bag of moss; reindeer moss; sphagnum; excelsior; straw; hay | floral | soft | 250x200x100 | 150 | |
Floral foam; flower foam; foam brick; foam ball; polystyrene ball; foam block; polystyrene block; foam shape; foam cone; foam wreath | floral | pieces | 230x110x80 | 60 | |
Floral tape; florist tape; stem tape | tapes | rolls | 15x60 | 40 | |
Vase; flower pot; plant pot; planter; terracotta pot; pot plant; basket small; bud vase | display | bottles | 200x130 | 700 | G |
Pine cone; pinecone; acorn; cinnamon stick; dried orange; nut; cork; wine cork; seed pod; seed; bean | floral | loose | 50x40x40 | 8 | | 20
Wooden sign; sign; wood sign; sign blank; plaque; wood plaque; wooden plaque; chalkboard; slate; memo board | wood | pieces | 400x250x8 | 600 | |
Wood slice; wood round; log slice; wooden disc; wooden disk; wood circle; wooden circle; wood blank | wood | pieces | 100x100x10 | 60 | |
Wooden shape; wood shape; wood cutout; wooden letter; letter wooden; wood letter; wooden ornament; laser cut shape | wood | pieces | 100x80x4 | 20 | |
Wooden block; wood block; wood cube; wooden cube; carving wood; basswood block; wood offcut; wood scrap; scrap wood; limewood block | wood | pieces | 150x60x60 | 200 | |
Wooden box; wood box; trinket box; blank box; jewellery box; papier mache box; paper mache box; cigar box | wood | pieces | 200x150x90 | 400 | |
Wooden tray; serving board; cutting board; charcuterie board | wood | pieces | 400x250x25 | 900 | |
Dowel; wooden dowel; dowel rod; wood rod; rod; bamboo cane; bamboo stick; garden cane; dowelling | wood | long | 914x10x10 | 40 | |
Plywood; ply; plywood sheet; sheet of plywood; mdf; mdf sheet; balsa; balsa wood; balsa sheet; basswood; basswood sheet; veneer; thin wood; hardboard; acrylic sheet | wood | sheets | 305x305x3 | 1800gsm | | 5
Plank; board; lumber; timber; wood strip; batten; moulding strip; trim strip; stripwood; wood molding | wood | long | 900x90x18 | 900 | |
Peg; clothes peg; clothespin; clothes pin; wooden peg; mini peg; dolly peg | wood | loose | 72x12x10 | 5 | | 50
Wooden spoon; spoon | wood | pieces | 300x60x20 | 50 | |
Wood carving knife; whittling knife; carving knife; carving chisel; chisel; wood chisel; spokeshave; drawknife; rasp; file; riffler; needle file | tools | pieces | 220x30x25 | 120 | S |
Carving tool set; chisel set; gouge set; file set; whittling set | tools | set | 300x150x40 | 800 | S |
Craft knife; hobby knife; scalpel; precision knife; detail knife; pen knife; paring knife | cutting | pieces | 150x12x10 | 25 | S,N |
Utility knife; box cutter; snap-off knife; retractable knife; carpet knife | cutting | pieces | 160x35x20 | 90 | S,N |
Craft knife blade; hobby blade; scalpel blade; spare blade; knife blade; utility blade; blade; cutter blade; cutting machine blade; machine blade; razor blade; trimmer blade | blades | loose | 45x10x1 | 1 | S,N,M | 10
Sandpaper; sanding sheet; emery paper; abrasive paper; wet and dry; sanding paper; glasspaper | abrasives | sheets | 280x230x0.3 | 250gsm | | 10
Sanding block; sanding sponge; sanding pad; steel wool; emery board; nail file; sanding stick; sanding disc; scouring pad | abrasives | pieces | 120x90x25 | 30 | |
Hot glue gun; glue gun; hot-glue gun; mini glue gun | tools | pieces | 180x150x40 | 300 | T,N |
Hot glue stick; glue gun stick; hot melt stick; glue sticks hot; glue gun refill; mini glue stick; glue sticks for gun | adhesives | pieces | 100x11x11 | 10 | H | 25
Cordless drill; drill; power drill; electric drill; driver; impact driver; cordless screwdriver | tools | pieces | 250x220x80 | 1500 | |
Rotary tool; multi tool; engraver; engraving tool; engraving pen; die grinder | tools | pieces | 230x60x60 | 600 | |
Drill bit; bit; router bit; countersink | tools | pieces | 100x8x8 | 15 | S |
Drill bit set; bit set; case of drill bits; drill bits case; screwdriver set; spanner set; socket set; allen key set; hex key set | tools | set | 200x130x40 | 900 | |
Screwdriver; spanner; wrench; adjustable wrench; hex key; allen key; putty knife; filling knife; spatula | tools | pieces | 210x35x30 | 120 | |
Hand saw; saw; tenon saw; back saw; hacksaw; coping saw; fret saw; fretsaw; junior hacksaw; jeweller's saw; jewelers saw; japanese saw; mitre saw hand; miter box; mitre box | tools | pieces | 450x140x25 | 500 | S,N |
Saw blade; coping saw blade; fretsaw blade; scroll saw blade; jigsaw blade | blades | pieces | 160x4x2 | 3 | S | 12
Jigsaw; circular saw; sander; palm sander; orbital sander; power sander; router; planer; nail gun; multi-tool | tools | pieces | 270x200x110 | 2200 | S,N |
Scroll saw; band saw; bandsaw; table saw; drill press; pillar drill; bench grinder; belt sander; lathe; mini lathe; disc sander | machines | machine | 600x320x400 | 16000 | S,N,w400/100/0 |
Laser cutter; laser engraver; laser; 3d printer; cnc; resin printer | machines | machine | 500x450x400 | 14000 | w300/0/300 |
Filament; filament spool; 3d printer filament; spool of filament | plates | rolls | 70x200 | 1200 | D |
Shop vacuum; vacuum; vacuum cleaner; handheld vacuum; hand vacuum; dust extractor | cleaning | machine | 400x350x450 | 6000 | |
Fan; heater; fan heater; air purifier; dehumidifier | machines | machine | 300x300x400 | 3000 | |
Staple gun; stapler gun; rivet gun; pop riveter; caulking gun | tools | pieces | 200x150x35 | 700 | |
Screw; wood screw; nail; panel pin; tack; bolt; washer; wall plug; screw eye; picture hook; cup hook; hinge; small hinge; bracket; upholstery tack; wing nut; machine screw; screw hook; hook screw; furniture tack | findings | loose | 25x8x8 | 2 | M | 100
Zip tie; cable tie; twist tie | packing | loose | 200x5x3 | 1 | | 100
Magnet; round magnet; disc magnet; fridge magnet; neodymium magnet; button magnet | findings | loose | 10x10x3 | 2 | | 20
Handle; drawer knob; knob; drawer pull; cabinet knob | findings | pieces | 100x35x30 | 60 | |
Spirit level; level; stud finder; laser level; carpenter square; combination square; try square; speed square; bevel gauge | tools | pieces | 300x150x25 | 300 | |
Toolbox; tool box; tool bag; tool case | tools | pieces | 450x220x220 | 5000 | |
Ladder; step stool; step ladder; folding stool | tools | pieces | 450x350x120 | 3500 | |
Paint sprayer; airbrush; compressor; airbrush set; airbrush kit; spray booth; airbrush compressor | machines | machine | 300x200x200 | 4000 | |
Clock; clock mechanism; clock movement; clock kit | findings | pieces | 80x60x20 | 50 | |
Battery; batteries; aa battery; aaa battery; aa batteries; rechargeable battery; button cell; coin cell; power bank; battery pack | tools | pieces | 50x14x14 | 24 | | 8
Extension lead; extension cord; power strip; extension cable; cable; charger; power adapter; usb cable; multi plug; power cable; phone charger | tools | pieces | 250x150x60 | 500 |  |
Headphone; headphones; earphones; speaker; radio; bluetooth speaker | machines | pieces | 190x170x80 | 300 | |
Nitrile glove; glove; rubber glove; latex glove; disposable glove; work glove; box of gloves; gloves box; heat glove | safety | pieces | 230x120x70 | 450 | |
Safety glasses; goggles; safety goggles; eye protection; face shield; ear defenders; ear protection | safety | pieces | 160x70x60 | 60 | |
Dust mask; face mask; mask; ffp2 mask | safety | pieces | 150x110x15 | 12 | | 10
Respirator; respirator mask | safety | pieces | 200x160x110 | 350 | |
First aid kit; first-aid kit; plaster box; sticking plaster | safety | pieces | 250x180x80 | 600 | |
Fire extinguisher; fire blanket; smoke alarm | safety | bottles | 400x110 | 3000 | U |
Apron waterproof; craft apron; smock; lab coat; overall; art smock | safety | soft | 300x250x40 | 300 | |
Drop cloth; dust sheet; tarp; splash mat; table cloth; tablecloth; table cover; oilcloth cover | cleaning | soft | 350x280x60 | 900 | |
Craft mat; silicone mat; silicone craft mat; glass mat; non-stick mat; heat mat; media mat; work mat; desk mat; baking mat | cutting | pieces | 600x400x3 | 600 | flat |
Wet wipe; baby wipe; pack of wipes; wipes; cleaning wipe | cleaning | pieces | 200x110x60 | 400 | |
Paper towel; kitchen roll; kitchen paper; toilet roll; tissue box; box of tissues; cotton wool; cotton pad; cotton bud | cleaning | soft | 250x120x120 | 250 | |
Cleaning cloth; rag; polishing cloth; microfibre cloth; microfiber cloth; duster; chamois; scrubbing cloth | cleaning | soft | 200x200x6 | 25 | |
Stamp cleaner; cleaner; cleaning spray; glass cleaner; cleaning solution; adhesive remover; glue remover; sticker remover; hand cream; hand sanitizer; hand sanitiser; dish soap; furniture polish; polish | cleaning | bottles | 190x65 | 350 | U |
Stamp scrubber; scrubber pad; cleaning pad | cleaning | pieces | 180x110x25 | 150 | |
Brush soap; cleaning brush; dusting brush; hand brush; dustpan; broom; nail brush; toothbrush; dustpan and brush | cleaning | pieces | 300x120x70 | 200 | |
Bin bag; rubbish bag; trash bag; garbage bag; bin liner; freezer bag; plastic bag; shopping bag; carrier bag | cleaning | pieces | 250x120x60 | 500 | |
Bubble wrap; roll of bubble wrap; packing foam; foam wrap | packing | soft | 500x400x400 | 1200 | |
Packing peanut; void fill; packing paper; newspaper | packing | soft | 450x350x250 | 1000 | |
Jewellery gift box; jewelry gift box; ring box; small gift box; earring box; favor box; favour box | packing | pieces | 80x80x35 | 20 | |
Organza bag; drawstring bag; gift pouch; velvet pouch; favor bag; small pouch | packing | sheets | 120x90x2 | 60gsm | | 25
Thank-you card; thank you card; business stationery; compliment slip | packing | sheets | 148x105 | 300gsm | D | 50
Poster tube; map tube; document tube | packing | long | 700x80 | 250 | |
Empty bottle; spray bottle empty; dropper bottle; squeeze bottle; fine tip bottle; precision tip bottle; roll-on bottle; vial; glass vial; cork bottle; test tube | packing | bottles | 100x35 | 20 | |
Storage tin; metal tin; empty tin; tin; mint tin; cookie tin; tin box; biscuit tin | packing | pieces | 200x150x80 | 250 | |
Picture frame; photo frame; frame; shadow box; box frame | frames | pieces | 320x260x25 | 700 | G |
Sawtooth hanger; d-ring hanger; picture wire; adhesive hook; picture hanger; wall hook; hook | findings | pieces | 120x80x15 | 20 | |
Holiday ornament; ornament; bauble; christmas bauble; christmas ornament; tree ornament; glass ornament; clear bauble; fillable ornament | seasonal | pieces | 80x80x80 | 30 | G |
Box of baubles; boxes of baubles; christmas baubles boxes; christmas decorations box; box of ornaments; box of christmas decorations; halloween decorations box | seasonal | pieces | 300x200x80 | 500 | G |
Christmas decoration; halloween decoration; easter decoration; easter egg; seasonal decoration; party decoration; banner; balloon; party supplies | seasonal | pieces | 200x150x60 | 80 | |
Advent calendar; stocking; santa hat; christmas stocking | seasonal | soft | 400x250x30 | 200 | |
Book; craft book; quilt book; art book; sewing book; paperback book; recipe book; reference book; pattern book; cookbook; instruction book | books | pieces | 280x215x18 | 650 |  |
Magazine; craft magazine; catalogue; catalog; leaflet; booklet; brochure | books | pieces | 280x215x5 | 200 | |
Cross-stitch chart; cross stitch chart; chart; pattern sheet; pattern leaflet; knitting pattern; crochet pattern; printed pattern | patterns | pieces | 297x210x1 | 30 | |
Swatch book; colour chart; color chart; colour wheel; color wheel; swatch; sample book; swatch card; swatch ring | patterns | pieces | 200x100x20 | 120 | |
Bookend; desk organiser; desk organizer; pencil pot; pen pot; pen holder cup | tools | pieces | 250x100x100 | 300 |  |
Whiteboard; cork board; corkboard; notice board; bulletin board; pin board; pinboard; design board | tools | pieces | 600x450x15 | 1500 | |
Cutting machine tool; tool set; craft tool set; tool kit; craft tool kit | tools | set | 220x150x40 | 400 | |
Soap dispenser; tray; drawer divider; small basket; drawer organiser; drawer organizer | tools | pieces | 300x150x60 | 250 | |
Toy; doll; teddy bear; stuffed animal; plush toy; soft toy; puppet; puzzle; board game; game; jigsaw puzzle | projects | pieces | 300x200x100 | 400 | |
Doll clothes; doll accessory; miniature; dollhouse miniature; figurine; model; scale model; model kit; model car; model train; train car | projects | pieces | 150x80x60 | 100 | G |
Building brick; toy brick | projects | loose | 32x16x11 | 2.5 | | 100
Keepsake; memory box; souvenir; children's drawing; children's art; kids art; certificate | projects | pieces | 350x350x120 | 900 | keep |
Finished product; finished piece; stock item; product; sample; prototype; commission; order | projects | pieces | 200x150x60 | 200 | |
Basket; storage basket; plastic bin; storage bin; storage box; plastic box; tote; plastic tub; crate; storage tub | packing | pieces | 380x280x200 | 900 | |
Gouache; gouache tube | paints | pieces | 110x25x22 | 35 | |
Watercolour; watercolor; watercolours; watercolors | paints | set | 230x110x25 | 300 | |
Journaling pen | pens | pieces | 145x11x11 | 10 | |
Bead reamer; reamer | tools | pieces | 140x20x20 | 30 | S |
Liquid clay; liquid polymer clay | clay | bottles | 110x40 | 80 | H,U |
Clay blade; tissue blade | cutting | pieces | 150x20x1 | 20 | S,N |
Baking tile; ceramic baking tile | tools | pieces | 300x300x10 | 1800 | G |
Baking parchment; parchment; parchment paper | press | rolls | 380x60 | 700 | |
Wrapping paper roll; roll of wrapping paper | wrap | rolls | 700x60 | 300 | D |
Present; gift; present to wrap; gift to wrap | projects | pieces | 250x200x100 | 500 | |
Resin tint bottle | resin | bottles | 70x25 | 25 | U |
Bead storage case | beads | pieces | 280x190x45 | 500 | |
Finished earring; finished jewelry; finished jewellery | projects | pieces | 90x50x15 | 15 | |
Finished painting; unfinished painting; painting | projects | pieces | 400x300x18 | 500 | |
Finished card | projects | sheets | 178x127x0.9 | 250gsm | D |
Pint jar; mason jar | packing | bottles | 127x82 | 300 | G |
Quart jar | packing | bottles | 178x95 | 450 | G |
Foam applicator; applicator; foam dauber | brushes | pieces | 60x40x40 | 8 | |
Stamp shammy; stamp chamois; shammy cloth | cleaning | soft | 150x150x5 | 20 | |
Curtain hook; curtain ring; curtain glider | trims | loose | 30x12x4 | 3 | | 50
Deco mesh; deco mesh roll; mesh ribbon; mesh roll | floral | rolls | 254x75 | 250 | |
Diamond drill; diamond dot; diamond painting drill | beads | loose | 3x3x1 | 0.02 | | 2000
Diamond painting kit; diamond painting; paint by number kit; paint by numbers kit | projects | pieces | 350x280x40 | 500 | |
Play dough; modelling dough; modeling dough; dough | clay | bottles | 80x70 | 150 | |
Foil sheet; foil; transfer foil; gold leaf; gold leaf flake; metal leaf; gilding flake | card and paper | pieces | 150x150x6 | 30 | D |
Foil machine; heat foil machine; foiling machine | machines | machine | 330x200x120 | 2500 | H |
Gift card holder; money holder; gift card envelope | card and paper | pieces | 120x90x2 | 6 | |
Sewing machine oil; machine oil | cleaning | bottles | 110x30 | 60 | U |
Bobbin winder | machines | pieces | 180x110x120 | 700 | |
Thread stand; cone stand; thread holder | tools | pieces | 250x150x120 | 400 | |
Seam guide; magnetic seam guide; seam allowance guide; fabric guide | tools | pieces | 90x40x15 | 30 | |
Fabric panel; quilt panel; panel | fabric | soft | 300x200x12 | 120 | L |
Binding strip; quilt binding | trims | soft | 150x100x40 | 60 | |
Iron-on letter; iron on letter; heat transfer letter | vinyl | sheets | 300x210x0.3 | 250gsm | | 
Foam cutter; hot wire cutter | tools | pieces | 250x150x60 | 500 | H |
Kiln shelf | tools | pieces | 350x350x15 | 3000 | |
Stitching pony; stitching clam | tools | pieces | 400x200x150 | 1500 | |
Skiving knife; skiver | cutting | pieces | 160x30x15 | 60 | S |
Label roll; printer roll; label printer roll; receipt roll | packing | rolls | 60x80 | 120 | |
Paper plate; paper cup | packing | pieces | 230x230x2 | 8 | |
Craft foam; craft foam sheet; foam sheet for crafts; fun foam | blanks | sheets | 300x210x2 | 150gsm | |
Palette paper; disposable palette | brushes | pieces | 305x229x8 | 300 | |
Artist's mannequin; wooden mannequin; wooden figure; hand model | tools | pieces | 300x80x80 | 250 | |
Postage stamp; book of stamps; sheet of stamps | packing | pieces | 100x60x3 | 5 | |
Label maker tape; label tape; label cartridge | packing | pieces | 70x55x20 | 30 | |
Half pan; watercolour half pan; watercolor half pan; full pan; watercolour pan; watercolor pan; paint pan | paints | pieces | 31x19x12 | 8 | |
Drying rack; print drying rack; art drying rack | tools | pieces | 450x320x300 | 1800 | |
Newsprint | card and paper | sheets | 760x510 | 50gsm | D |
`;
