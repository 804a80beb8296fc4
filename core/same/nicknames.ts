/**
 * Given names and what people make of them, one group a line, the formal name first (common
 * practice, no source; written from memory). A nickname may stand in several groups.
 */
const GROUPS = `
abigail abby gail
albert al bert bertie
alexander alex alec sandy sasha xander
alexandra alex sandra sandy lexi sasha
alfred al fred alf alfie
alice ali
amanda mandy
andrew andy drew
anthony tony
angela angie
arthur art artie
barbara barb barbie babs
beatrice bea trixie
benjamin ben benny benji
bernard bernie
bradley brad
calvin cal
cameron cam
carol carrie
caroline carrie carol lina
catherine cathy kate katie cat kit
katherine kathy kate katie kat kitty kit
charles charlie chuck chas chip
charlotte charlie lottie
christian chris
christina chris tina chrissy christy
christine chris tina chrissy christy
christopher chris kit topher
cynthia cindy
daniel dan danny
david dave davey
deborah deb debbie
dennis denny
dolores lola
donald don donnie
dorothy dot dottie dolly
douglas doug
edward ed eddie ted teddy ned
eleanor ellie nell nora
elizabeth liz lizzie beth betty betsy eliza libby lisa bess
emily em emmy
emma em
eugene gene
evelyn evie
florence flo flora
frances fran frannie
francis frank fran
francisco paco pancho frank
franklin frank
frederick fred freddie
gabriel gabe
gabrielle gabby
gerald gerry jerry
gregory greg
gwendolyn gwen
harold harry hal
harriet hattie
helen nell
henry hank harry hal
herbert herb bert
isabella bella izzy
jacob jake
jacqueline jackie
james jim jimmy jamie
janet jan
jason jay
jeffrey jeff
jennifer jen jenny
jeremy jerry
jessica jess jessie
joan joanie
john jack johnny
jonathan jon jonny
jose pepe
joseph joe joey
josephine jo josie
joshua josh
judith judy
julia julie
kenneth ken kenny
kimberly kim
lawrence larry
leonard leo len lenny
leslie les
lillian lily lil
louis lou
louise lou
lucille lucy
margaret maggie meg peggy marge margie greta rita
maria mia
martin marty
mary molly polly mamie
matthew matt
maximilian max
melissa missy mel
michael mike mickey mick
michelle shelly
mildred millie
mitchell mitch
nancy nan
natalie nat
natasha tasha
nathaniel nate nathan nat
nicholas nick nicky
nicole nicky
oliver ollie
olivia liv livvy
pamela pam
patricia pat patty tricia trish
patrick pat paddy
peter pete
philip phil
phillip phil
priscilla cilla
rachel rae
raymond ray
rebecca becky becca
richard rick dick rich richie ricky
robert bob bobby rob robbie bert
roberta bobbie
roger rog
ronald ron ronnie
rosemary rose rosie
russell russ
samantha sam
samuel sam sammy
sandra sandy
sarah sally sadie
stanley stan
stephanie steph
stephen steve
steven steve
stuart stu
susan sue susie
teresa terry tess
theresa terry tess
theodore ted teddy theo
thomas tom tommy
timothy tim timmy
tobias toby
valerie val
vanessa nessa
victor vic
victoria vicky tori
vincent vince vinny
virginia ginny
walter walt wally
wilhelmina mina willa
william bill billy will willie liam
winifred winnie
zachary zach zack
`;

const FORMAL = new Map<string, string[]>();
for (const line of GROUPS.trim().split('\n')) {
  const [formal, ...nicknames] = line.split(' ') as [string, ...string[]];
  for (const name of [formal, ...nicknames])
    FORMAL.set(name, [...(FORMAL.get(name) ?? []), formal]);
}

/** Given names that are easily taken for another (common practice, no source; written from memory). */
const NAMES = new Set(
  `adrian adriana adrienne alan alana andre andrea anna antonia antonio bruno bruna carl carla carlo carlos
  carmen christian christiana clara claude claudia claudio clement clemens colin dana daniela danielle dario daria
  david davide dean deana denis denise dennis diana diane dominic dominica edwin elena elisa elise ella ellen emil
  emilia emilio emma eric erica erik erika ernest ernesta eugene eugenia eva fabian fabio fabiola felix felicia
  fernando fernanda filip filippa francis frances francisco francisca franz gabriel gabriela gabriele george georgia
  gerald geraldine glen glenn glenda gloria hanna hannah hans harriet harry helen helena henri henrietta hugo ida
  ignacio irma isabel isabella ivan ivana jan jana jane janet janice jean jeanne jerome jesse jessica joan joanna
  joao joel joelle johanna john jon jonas jorge jose josef josefa josephine juan juana jules julia julian juliana
  julie julio julius karen karin karl karla laura lauren laurence lea leah leo leon leona leonard leonora lewis lia
  liam lina linda louis louisa louise luca lucas lucia lucian luis luisa luke manuel manuela marc marcel marcella
  marcia marco marcus maria marian marianne marie mario marion mark marta martha martin martina mary matteo max maxine
  mia michaela michel michele michelle mila milan nadia nadine natalia natalie nicholas nicola nicole nina noah nora
  norman olga oliver olivia oscar paola paolo patricio paul paula paulina pauline pedro peter petra philip philippa
  pierre pietra pietro rafael rafaela ramon ramona raul rene renata renee roberta roberto roger roland rolanda romeo
  rosa rose ruth sara sarah sebastian sergio silvia silvio simon simone sofia sonia sophia sophie stefan stefanie
  stefano stella steven susanna tamara tanya tara theo thea tomas valentin valentina vera viktor viktoria werner wilma
  xavier yvan yvonne`.split(/\s+/),
);

/** Whether a folded given name is one that we know. */
export const isKnownName = (given: string): boolean => FORMAL.has(given) || NAMES.has(given);

/** The formal names that a folded given name may stand for; itself when it is in no group. */
export const formalNames = (given: string): readonly string[] => FORMAL.get(given) ?? [given];

/** Whether two folded given names can belong to one person by nickname: "bob" and "robert". */
export const areNicknames = (a: string, b: string): boolean =>
  formalNames(a).some((formal) => formalNames(b).includes(formal));

/** Whether one can't be short for anybody else's name: "pat" may be Patrick or Patricia. */
export const areSurelyNicknames = (a: string, b: string): boolean =>
  areNicknames(a, b) && formalNames(a).length === 1 && formalNames(b).length === 1;
