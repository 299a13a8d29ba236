/**
 * Pairs to grade by eye: grade | what the reference shows | what is offered | why. 4 the same at a glance, 3 a good substitute,
 * 2 half the job, 1 a faint tie, 0 no answer. Invented, graded by hand after the trade's rules of thumb (common practice).
 */
export const likenessSet = `
4 | charcoal wool pencil skirt | dark grey wool pencil skirt | One hue, one cut; nobody sees the step in depth across a room.
4 | tan leather ankle boots, block heel | camel leather ankle boots, block heel | Shape and heel are the same, the tone is a shade lighter.
4 | black satin camisole | black silk camisole | Sheen, colour and straps are the same; the fibre is felt, not seen.
3 | forest green wool coat, knee length | dark green wool coat, calf length | Colour and cloth carry it; the hem is lower.
3 | red leather court shoes, stiletto | red suede court shoes, block heel | The red is there; the shoe is quieter.
3 | white cotton shirt, relaxed | ivory cotton shirt, relaxed | Ivory is not white, and close enough under a jacket.
3 | silver sequin mini skirt | silver metallic mini skirt | The shine stays, the sparkle goes.
3 | brown suede fringed jacket | brown suede jacket | The fringe was half the joke; suede and colour hold.
2 | navy double-breasted wool blazer | navy wool cardigan | The tone is right and the structure is gone.
2 | floral silk midi dress | plain silk midi dress | The line is there; the print was the look.
2 | high-rise wide-leg cream trousers | high-rise slim cream trousers | Colour and rise are right, the volume is the other way round.
2 | black leather belt, wide | brown leather belt, wide | It still marks the waist, in the wrong tone.
2 | long pearl necklace | long gold necklace | The length is there; the light is another.
1 | burgundy velvet dinner jacket | burgundy cotton hoodie | One colour and nothing else.
1 | gingham full skirt | black full skirt | One shape; the small check was the point.
1 | camel wool wrap coat | black nylon puffer jacket | Both keep warm.
1 | gold strappy sandals | white trainers | Feet are covered.
0 | straw boater hat | straw basket bag | One material; nothing on the head.
0 | emerald silk scarf | emerald silk trousers | One colour and one cloth, in another place.
0 | black opera gloves | black tights | Arms stay bare.
4 | dark green velvet blazer, shawl lapel | bottle green velvet blazer, shawl lapel | Nobody holds two greens of one depth beside each other in the evening.
4 | cream cable-knit jumper, crew neck | ivory cable-knit jumper, crew neck | The cable is the piece; the white is the same at arm’s length.
4 | gold hoop earrings, medium | brass hoop earrings, medium | Size and line are the same, the metal is a shade greener.
4 | black opaque tights | black opaque footless tights | Under a boot nobody sees where they end.
4 | brown suede loafers | chocolate suede loafers | Shape and cloth are the same; the brown is a step deeper.
4 | grey wool trilby | charcoal wool trilby | The crown and the brim make it.
4 | striped navy and white cotton tee | striped black and white cotton tee | The stripe is what is seen; navy passes for black indoors.
3 | pale blue denim jacket, cropped | dark blue denim jacket, cropped | Cut and cloth are right, the wash is another season.
3 | burgundy leather satchel | brown leather satchel | The shape holds it; the warm depth is near.
3 | white broderie midi skirt | white lace midi skirt | Both are white and pierced; one is crisp, one soft.
3 | camel wool trench coat | beige cotton trench coat | Every detail of the coat is there in a lighter cloth.
3 | red polka-dot tea dress | red floral tea dress | The dress and its red stay; the print is softer.
3 | black patent ankle boots, block heel | black leather ankle boots, block heel | The gloss is gone, the boot is there.
3 | mustard roll-neck jumper, slim | yellow roll-neck jumper, slim | A cleaner yellow at the same neck.
3 | navy pinstripe trousers, wide leg | navy trousers, wide leg | Line and depth are right; the stripe was a whisper.
3 | silver clutch | pewter clutch | A duller light in the same hand.
3 | tan leather belt, narrow | cognac leather belt, narrow | One step deeper, and still a thin warm line.
3 | emerald satin gown, bias cut | emerald crepe gown, bias cut | The fall is right and the light is off.
2 | white shirt, long sleeves | white blouse with a pussy-bow collar | White at the face; the bow says something of its own.
2 | black leather biker jacket | black bomber jacket | Short and dark, and none of the hardware.
2 | pink tweed jacket, collarless | pink cardigan, crew neck | Colour and line, without the cloth that made it.
2 | olive cargo trousers | olive chinos | The green is right; the pockets were the point.
2 | leopard print coat | camel coat | The ground colour is there, the animal is not.
2 | knee-high brown boots, flat | brown ankle boots, flat | The colour ends too low.
2 | straw boater hat | straw bucket hat | The straw is right; nothing of the shape is.
2 | red silk bow tie | red silk scarf | The same red at the neck in another shape.
2 | pleated gold midi skirt | gold satin pencil skirt | The light is right, the movement is gone.
2 | high-waisted blue jeans, straight leg | low-rise blue jeans, straight leg | The leg is right, and the waist tells another decade.
2 | large tortoiseshell sunglasses, cat-eye | large black sunglasses, cat-eye | The frame is right and the warmth is not.
1 | turquoise beaded necklace | turquoise silk scarf | One colour near the face.
1 | ivory lace gown | ivory cotton shirt dress | Pale and long at best.
1 | red leather opera gloves | red wool mittens | Hands are red.
1 | striped knitted dress, midi | striped knitted jumper | Half of it, and the line ends at the hip.
1 | black dinner jacket, satin lapel | black denim jacket | Dark, and for another evening.
1 | silver sequin jacket | silver chain belt | A glint, in another place.
1 | green tartan kilt | green tartan scarf | The cloth without the skirt.
1 | white trainers | white leather court shoes | White, and for another day.
0 | navy beret | navy loafers | One colour at either end of the body.
0 | pearl earrings | pearl-grey cardigan | One word and nothing else.
0 | brown leather gloves | brown leather shorts | One cloth, in another place.
0 | red lipstick | red trousers | Nothing of the face is answered.
`;
