/**
 * Words of everyday English that lie a letter or two from a word of the vocabulary and are no slip of it:
 * "sticking" is not "stinking". A word here is never taken for another.
 */
export const plainWords: ReadonlySet<string> = new Set(
  `
  alone alter annex apparatus applies apply badge banks barry basic basin basis batch batteries beach bears beatles
  beats began belly belts bench better bidding bikes binding birth blame blank blend blink block blocks blogs blond
  bloody boating bonds booth boots bored bracelets brand bread brook browser bucks burner buses butter bytes calls
  camel cannon cards cases centuries champion champions charm chart check chess child chile choir chose cleaners
  clearly click clips clone closer cloudy coach codes colon color commander companion completed completion
  composite considers const constraint consultant contacted converted cooked cooper costs crest cross current dairy
  denied dirty disco disks doing draft draws drill drives drunk event excitement fairly ferry filed files finder
  fixes flame flash float flood floor focus forced forces forge formed former framed fridge front frozen fully
  funky gains games gates grace grade grades grams grant graph graphs grave greek gross guests haven header health
  heard hearing heater heath helped helps holly hoped hopes hoping hosted hosts insert inter intro irish johns
  killed kinda kings knows laden lance lanes larger laser later latex latter lawyer leader leading leads learn
  learning leasing least leeds lesson lessons letter links lists lived lives loans locking locks lotus lover loves
  loving maine master means medal menus miles minds minor mixer modes monkey monster monsters months mount mounted
  mounts mouth movie notes order packet pages paint palace panel panels pants paper papers parks party paying pearl
  peers pending penny perfectly picked picking picks pitch plane planes planet planets planned plans plate plots
  polls ports posted posting posts potter pound power pretty priced prices print processor profession prove pulse
  pursue quarterly receivers recorders recovery regularly reset resort retain rides robot robots rocky roles roller
  roman rouge routing sales sally sauce scared scary scores seating seats seeking seeks selling sells sends serum
  shall shame share shared shares shaved sheer sheet sheets shine shipped ships shirt shore silly singer skill
  sleep sleeping sleeps slide slides slots socks space spare speak speaks speed speeds spice spies spine
  spoke sport sports sprint stack staff stage stake stamp starring stars stats steal steam steps stick sticks
  stocks store stores story stranger stream streaming streams strengthen strike strikes suite suits surge switches
  sword taken tales taxes teams texts theme thinks thorough thought threat threats tiles timer tires tough train
  trains trans translated trash trick tricks tries trips truck trucks tuner tunes tuning turner twins users verse
  violent votes wallpaper wants washer watches watershed watts whale whose width wiley wines winning wishing wives
  wondering words woody works worst worth write writes
  `
    .trim()
    .split(/\s+/),
);
