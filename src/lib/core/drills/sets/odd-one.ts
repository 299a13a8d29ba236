/**
 * Outfits in which one thing does not belong: outfit, the odd one marked by an asterisk | the rule that says so | why. Invented after
 * the trade's rules of thumb (common practice); a test holds each against the eye.
 */
export const oddOneSet = `
burgundy knit midi dress; * bright green leather clutch; black tights; black ankle boots | stray-colour | The green returns nowhere, and on a bag it is no accent.
navy wool midi dress; navy tights; navy court shoes; * bright orange leather tote | stray-colour | A strong colour on the piece that should belong.
black trousers; white shirt; grey blazer; * turquoise leather tote; black loafers | stray-colour | Grey, white and black answer nothing of it.
gold necklace; gold hoops; gold bangle; * silver watch; black midi dress; black court shoes | metals-together | One silver among gold reads as forgotten.
silver hoops; silver bangle; silver watch; * gold necklace; navy midi dress; navy court shoes | metals-together | One gold among silver reads as forgotten.
navy trousers; navy roll-neck jumper; white trainers; * bright pink leather satchel | stray-colour | The pink is alone, on the piece that should belong.
* sheer white chiffon blouse; black trousers; black court shoes; black belt | shows-through | What is under it will be seen.
* grey marl hoodie; black satin evening skirt; gold high-heeled sandals; gold clutch | formality-apart | Nothing bridges the hood and the satin.
ivory pussy-bow blouse; * pearl necklace; grey pencil skirt; black court shoes | busy-neck | The bow wants the neck to itself.
floor-length wide-leg navy trousers; white shirt tucked in; * flat tan loafers; tan belt | hem-and-heel | The trousers were hemmed for a heel.
* cropped black top; low-rise black trousers; black ankle boots | crop-and-rise | Crop and low rise together show more than either says.
loose hair; * gold studs; black midi dress; black court shoes | hidden-earrings | Loose hair hides small earrings.
* striped breton top; red floral skirt; black court shoes | prints-together | No colour, no scale and no line in common.
* oversized black roll-neck jumper; black wide-leg trousers; black trainers | two-volumes | Both halves are loose and nothing keeps the body present.
grey wool trousers; grey roll-neck jumper; * bright red leather tote; grey loafers | stray-colour | Nothing of the red is anywhere else.
cream linen trousers; white tee; brown loafers; * cobalt blue leather satchel | stray-colour | Every other thing is warm and pale.
silver necklace; silver hoops; silver bangle; * gold watch; grey midi dress; black court shoes | metals-together | One gold among silver reads as forgotten.
* gold hoops; silver necklace; silver bangle; silver watch; black midi dress; black court shoes | metals-together | Only the ears are of another metal.
* sheer ivory chiffon blouse; navy trousers; navy court shoes; navy belt | shows-through | What is under it will be seen.
* sheer black organza blouse; ivory trousers; black court shoes | shows-through | It wants a camisole, or a plan.
* navy sweatshirt; gold satin evening skirt; gold high-heeled sandals | formality-apart | A sweatshirt and a ball have nothing between them.
white pussy-bow blouse; * gold necklace; black pencil skirt; black court shoes | busy-neck | Bow and chain want the same place.
floor-length wide-leg black trousers; ivory silk blouse tucked in; * flat black loafers; black belt | hem-and-heel | Without a heel the hem is walked on.
* cropped white top; low-rise blue jeans; white trainers | crop-and-rise | There is nothing between the two hems.
loose hair; * pearl studs; navy midi dress; navy court shoes | hidden-earrings | The hair hides what is in the ears.
* polka-dot blouse in brown; green tartan skirt; black ankle boots | prints-together | Neither a colour nor a kind of line in common.
* oversized grey roll-neck jumper; grey wide-leg trousers; grey trainers | two-volumes | Both halves are loose and nothing keeps the body present.
`;
