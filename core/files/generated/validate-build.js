var __commonJSMin = (cb, mod) => () => (mod || (cb((mod = { exports: {} }).exports, mod, mod.exports), cb = null), mod.exports);
var require_ucs2length = /* @__PURE__ */ __commonJSMin(((exports) => {
Object.defineProperty(exports, "__esModule", { value: true });
function ucs2length(str) {
const len = str.length;
let length = 0;
let pos = 0;
let value;
while (pos < len) {
length++;
value = str.charCodeAt(pos++);
if (value >= 55296 && value <= 56319 && pos < len) {
value = str.charCodeAt(pos);
if ((value & 64512) === 56320) pos++;
}
}
return length;
}
exports.default = ucs2length;
}));
const validateBuild = validate52;
const schema19 = {
"$schema": "https://json-schema.org/draft/2020-12/schema",
"$id": "build",
"title": "Elm Spindle build",
"additionalProperties": false,
"type": "object",
"required": [
"format",
"version",
"id",
"name",
"brief",
"room",
"board",
"blends",
"colours",
"pieces",
"rods",
"cake",
"steps",
"hours",
"practice",
"workshop",
"reserves",
"measured",
"log",
"bench"
],
"properties": {
"format": {
"const": "elm-spindle-build",
"type": "string"
},
"version": {
"const": 17,
"type": "number"
},
"id": {
"maxLength": 80,
"minLength": 1,
"type": "string"
},
"name": {
"maxLength": 120,
"minLength": 1,
"type": "string"
},
"brief": { "$ref": "#/$defs/record1" },
"room": { "$ref": "#/$defs/record6" },
"board": { "$ref": "#/$defs/record7" },
"blends": { "$ref": "#/$defs/array9" },
"colours": { "$ref": "#/$defs/array14" },
"pieces": { "$ref": "#/$defs/array18" },
"rods": { "$ref": "#/$defs/array24" },
"cake": { "$ref": "#/$defs/record29" },
"portions": { "$ref": "#/$defs/record37" },
"card": { "$ref": "#/$defs/record38" },
"mast": { "$ref": "#/$defs/record39" },
"steps": { "$ref": "#/$defs/record40" },
"hours": { "$ref": "#/$defs/array44" },
"dates": { "$ref": "#/$defs/array45" },
"practice": { "$ref": "#/$defs/record47" },
"workshop": { "$ref": "#/$defs/record48" },
"reserves": { "$ref": "#/$defs/array52" },
"measured": { "$ref": "#/$defs/array54" },
"log": { "$ref": "#/$defs/array56" },
"bench": { "$ref": "#/$defs/record63" },
"handover": { "$ref": "#/$defs/record73" },
"variation": {
"maxLength": 120,
"minLength": 1,
"type": "string"
},
"variations": { "$ref": "#/$defs/array76" }
},
"$defs": {
"string2": {
"pattern": "^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}$",
"type": "string"
},
"record4": {
"additionalProperties": false,
"type": "object",
"required": [
"sideways",
"tilt",
"down",
"up"
],
"properties": {
"sideways": {
"type": "number",
"minimum": 0,
"maximum": 1.5
},
"tilt": {
"type": "number",
"minimum": 0,
"maximum": 30
},
"down": {
"type": "number",
"minimum": 1,
"maximum": 3
},
"up": {
"type": "number",
"minimum": .2,
"maximum": 1
}
}
},
"record3": {
"additionalProperties": false,
"type": "object",
"properties": {
"table": { "$ref": "#/$defs/record4" },
"carry": { "$ref": "#/$defs/record4" },
"carFlat": { "$ref": "#/$defs/record4" },
"carSeat": { "$ref": "#/$defs/record4" },
"carHard": { "$ref": "#/$defs/record4" }
}
},
"record5": {
"additionalProperties": false,
"type": "object",
"required": [
"who",
"avoid",
"fate"
],
"properties": {
"who": {
"type": "string",
"enum": [
"adults",
"children",
"under3"
]
},
"avoid": {
"maxItems": 8,
"minItems": 0,
"type": "array",
"items": {
"type": "string",
"enum": [
"nuts",
"milk",
"egg",
"wheat",
"soya",
"gelatine",
"alcohol",
"animal"
]
}
},
"fate": {
"type": "string",
"enum": [
"eaten",
"kept",
"notEaten"
]
}
}
},
"record1": {
"additionalProperties": false,
"type": "object",
"required": [
"due",
"zone",
"journey",
"grip",
"note"
],
"properties": {
"due": { "$ref": "#/$defs/string2" },
"zone": {
"maxLength": 60,
"minLength": 1,
"type": "string"
},
"journey": {
"type": "string",
"enum": [
"table",
"carry",
"carFlat",
"carSeat",
"carHard"
]
},
"grip": {
"type": "string",
"enum": [
"bare",
"box",
"seat",
"mat"
]
},
"loads": { "$ref": "#/$defs/record3" },
"eaters": { "$ref": "#/$defs/record5" },
"said": {
"maxItems": 8,
"minItems": 0,
"type": "array",
"items": {
"type": "string",
"enum": [
"size",
"paste",
"base",
"due",
"journey",
"eaters",
"hours",
"room"
]
}
},
"note": {
"maxLength": 4e3,
"type": "string"
}
}
},
"record6": {
"additionalProperties": false,
"type": "object",
"required": [
"temperature",
"humidity",
"air"
],
"properties": {
"temperature": {
"type": "number",
"minimum": 5,
"maximum": 40
},
"humidity": {
"type": "number",
"minimum": 5,
"maximum": 95
},
"air": {
"type": "number",
"minimum": .02,
"maximum": 3
},
"night": {
"additionalProperties": false,
"type": "object",
"required": ["temperature", "humidity"],
"properties": {
"temperature": {
"type": "number",
"minimum": 0,
"maximum": 40
},
"humidity": {
"type": "number",
"minimum": 5,
"maximum": 95
}
}
}
}
},
"record8": {
"additionalProperties": false,
"type": "object",
"required": [
"thickness",
"blend",
"colour"
],
"properties": {
"thickness": {
"type": "number",
"minimum": 1,
"maximum": 20
},
"blend": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"colour": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
}
}
},
"record7": {
"additionalProperties": false,
"type": "object",
"required": [
"shape",
"width",
"thickness",
"material",
"feet"
],
"properties": {
"shape": {
"type": "string",
"enum": ["round", "square"]
},
"width": {
"type": "number",
"minimum": 20,
"maximum": 1500
},
"thickness": {
"type": "number",
"minimum": 1,
"maximum": 60
},
"material": {
"type": "string",
"enum": [
"drum",
"mdf",
"plywood",
"foamcore"
]
},
"feet": {
"type": "number",
"minimum": 0,
"maximum": 200
},
"cover": { "$ref": "#/$defs/record8" },
"ribbon": {
"additionalProperties": false,
"type": "object",
"required": ["width", "colour"],
"properties": {
"width": {
"type": "number",
"minimum": 3,
"maximum": 100
},
"colour": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
}
}
}
}
},
"string11": {
"type": "string",
"enum": [
"fondant",
"gumPaste",
"modellingPaste",
"marzipan",
"chocolateDark",
"chocolateMilk",
"chocolateWhite",
"chocolateCompound",
"royalIcing"
]
},
"array13": {
"maxItems": 20,
"minItems": 0,
"type": "array",
"items": {
"maxLength": 60,
"type": "string"
}
},
"record12": {
"additionalProperties": false,
"type": "object",
"required": [
"id",
"name",
"like",
"allergens",
"note"
],
"properties": {
"id": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"name": {
"maxLength": 120,
"minLength": 1,
"type": "string"
},
"like": { "$ref": "#/$defs/string11" },
"density": {
"type": "number",
"minimum": .1,
"maximum": 1.7
},
"shrink": {
"type": "number",
"minimum": 0,
"maximum": 10
},
"allergens": { "$ref": "#/$defs/array13" },
"note": {
"maxLength": 1e3,
"type": "string"
}
}
},
"record10": {
"additionalProperties": false,
"type": "object",
"required": [
"id",
"name",
"base",
"gumPaste",
"powder"
],
"properties": {
"id": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"name": {
"maxLength": 120,
"minLength": 1,
"type": "string"
},
"base": { "$ref": "#/$defs/string11" },
"gumPaste": {
"type": "number",
"minimum": 0,
"maximum": 100
},
"powder": {
"type": "number",
"minimum": 0,
"maximum": 5
},
"ratio": {
"type": "number",
"minimum": 1,
"maximum": 8
},
"density": {
"type": "number",
"minimum": .1,
"maximum": 1.7
},
"shrink": {
"type": "number",
"minimum": 0,
"maximum": 10
},
"job": {
"type": "string",
"enum": [
"pose",
"carry",
"carve",
"flex",
"fingers"
]
},
"own": { "$ref": "#/$defs/record12" }
}
},
"array9": {
"maxItems": 60,
"minItems": 1,
"type": "array",
"items": { "$ref": "#/$defs/record10" }
},
"record17": {
"additionalProperties": false,
"type": "object",
"required": [
"name",
"kind",
"depth"
],
"properties": {
"name": {
"maxLength": 120,
"minLength": 1,
"type": "string"
},
"kind": {
"type": "string",
"enum": [
"gel",
"liquid",
"oil",
"powder"
]
},
"depth": {
"type": "string",
"enum": [
"pale",
"soft",
"middle",
"strong",
"deep"
]
},
"per100": {
"type": "number",
"minimum": .01,
"maximum": 200
},
"took": {
"additionalProperties": false,
"type": "object",
"required": [
"amount",
"grams",
"base"
],
"properties": {
"amount": {
"type": "number",
"minimum": .01,
"maximum": 1e4
},
"grams": {
"type": "number",
"minimum": 1,
"maximum": 1e5
},
"base": {
"maxLength": 40,
"minLength": 1,
"type": "string"
}
}
}
}
},
"array16": {
"maxItems": 4,
"minItems": 1,
"type": "array",
"items": { "$ref": "#/$defs/record17" }
},
"record15": {
"additionalProperties": false,
"type": "object",
"required": [
"id",
"name",
"hex"
],
"properties": {
"id": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"name": {
"maxLength": 120,
"minLength": 1,
"type": "string"
},
"hex": {
"pattern": "^#[0-9a-fA-F]{6}$",
"type": "string"
},
"pots": { "$ref": "#/$defs/array16" }
}
},
"array14": {
"maxItems": 200,
"minItems": 1,
"type": "array",
"items": { "$ref": "#/$defs/record15" }
},
"record21": {
"additionalProperties": false,
"type": "object",
"required": [
"name",
"corners",
"faces",
"fills",
"centre",
"watertight"
],
"properties": {
"name": {
"maxLength": 120,
"minLength": 1,
"type": "string"
},
"corners": {
"maxItems": 6e4,
"minItems": 12,
"type": "array",
"items": {
"type": "integer",
"minimum": 0,
"maximum": 1e4
}
},
"faces": {
"maxItems": 6e4,
"minItems": 12,
"type": "array",
"items": {
"type": "integer",
"minimum": 0,
"maximum": 2e4
}
},
"fills": {
"type": "number",
"minimum": 0,
"maximum": 1
},
"centre": {
"type": "array",
"items": {
"type": "number",
"minimum": -1,
"maximum": 2
},
"minItems": 3,
"maxItems": 3
},
"watertight": { "type": "boolean" }
}
},
"record20": {
"additionalProperties": false,
"type": "object",
"required": ["kind", "sizes"],
"properties": {
"kind": {
"type": "string",
"enum": [
"ball",
"ellipsoid",
"egg",
"teardrop",
"cone",
"truncatedCone",
"dome",
"disc",
"roundedBlock",
"rope",
"taperedRope",
"skinOverBall",
"bentRope",
"ring",
"paddleHand",
"sheet",
"strip",
"ruffle",
"flounce",
"scales",
"strands",
"pearls",
"stitches",
"lathe",
"traced",
"imported"
]
},
"sizes": {
"type": "object",
"additionalProperties": { "type": "number" },
"maxProperties": 12
},
"outline": {
"type": "string",
"enum": [
"rectangle",
"oval",
"leaf",
"triangle",
"wedge",
"heart"
]
},
"curves": {
"type": "object",
"patternProperties": { "^(edge|front|side|profile|hole[1-9])$": {
"maxItems": 200,
"minItems": 2,
"type": "array",
"items": {
"maxItems": 3,
"minItems": 2,
"type": "array",
"items": {
"type": "number",
"minimum": -4,
"maximum": 4
}
}
} },
"additionalProperties": false
},
"coat": {
"additionalProperties": false,
"type": "object",
"required": ["thickness", "under"],
"properties": {
"thickness": {
"type": "number",
"minimum": .3,
"maximum": 80
},
"under": { "type": "boolean" }
}
},
"solid": { "$ref": "#/$defs/record21" }
}
},
"array23": {
"type": "array",
"items": {
"type": "number",
"minimum": -3e3,
"maximum": 3e3
},
"minItems": 3,
"maxItems": 3
},
"record22": {
"additionalProperties": false,
"type": "object",
"required": [
"on",
"at",
"lean",
"tip",
"turn",
"sink",
"how",
"overlap"
],
"properties": {
"on": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"at": { "$ref": "#/$defs/array23" },
"lean": {
"type": "number",
"minimum": -360,
"maximum": 360
},
"tip": {
"type": "number",
"minimum": -360,
"maximum": 360
},
"turn": {
"type": "number",
"minimum": -360,
"maximum": 360
},
"sink": {
"type": "number",
"minimum": -200,
"maximum": 500
},
"how": {
"type": "string",
"enum": [
"sits",
"set",
"hangs",
"wraps"
]
},
"overlap": {
"type": "string",
"enum": ["pressed", "trimmed"]
},
"disc": {
"additionalProperties": false,
"type": "object",
"required": ["of", "width"],
"properties": {
"of": {
"type": "string",
"enum": [
"card",
"foam",
"acrylic"
]
},
"width": {
"type": "number",
"minimum": 10,
"maximum": 600
}
}
}
}
},
"record19": {
"additionalProperties": false,
"type": "object",
"required": [
"id",
"name",
"form",
"blend",
"colour",
"seat",
"pair",
"count",
"texture",
"core",
"tolerance",
"hidden",
"breaks"
],
"properties": {
"id": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"name": {
"maxLength": 120,
"minLength": 1,
"type": "string"
},
"form": { "$ref": "#/$defs/record20" },
"blend": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"colour": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"seat": { "$ref": "#/$defs/record22" },
"pair": { "type": "boolean" },
"count": {
"type": "integer",
"minimum": 1,
"maximum": 500
},
"texture": {
"type": "string",
"enum": [
"none",
"fur",
"feathers",
"veins",
"wood",
"creases",
"stitches",
"stipple",
"knit",
"bark",
"dimples"
]
},
"core": {
"type": "string",
"enum": [
"foam",
"cereal",
"cake"
]
},
"tolerance": {
"type": "string",
"enum": [
"equal",
"mirrored",
"varied",
"hidden"
]
},
"hidden": {
"type": "string",
"enum": [
"none",
"under",
"back",
"front",
"left",
"right",
"top"
]
},
"breaks": {
"type": "number",
"minimum": 0,
"maximum": 60
},
"glue": {
"type": "string",
"enum": [
"press",
"water",
"sugarGlue",
"gumGlue",
"thickPasteGlue",
"spirit",
"pipingGel",
"shortening",
"buttercream",
"jam",
"royalIcing",
"meltedChocolate"
]
},
"built": {
"type": "string",
"enum": [
"there",
"dummy",
"foam"
]
},
"join": {
"type": "string",
"enum": [
"stood",
"pressed",
"posed",
"socket",
"round",
"slid",
"firm",
"iced",
"hung",
"loose",
"threaded"
]
},
"propped": {
"const": true,
"type": "boolean"
},
"of": {
"maxLength": 120,
"minLength": 1,
"type": "string"
},
"template": {
"type": "string",
"enum": [
"cut",
"drawn",
"carve",
"recess",
"lining",
"wrap",
"prick",
"transfer",
"none"
]
},
"cover": {
"type": "string",
"enum": [
"gathered",
"draped",
"tucked",
"panels",
"eased"
]
},
"halves": {
"const": true,
"type": "boolean"
},
"continues": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"rests": {
"maxItems": 6,
"minItems": 1,
"type": "array",
"items": {
"additionalProperties": false,
"type": "object",
"required": ["place", "hours"],
"properties": {
"place": {
"type": "string",
"enum": [
"room",
"fan",
"box",
"fridge",
"freezer",
"bag"
]
},
"hours": {
"type": "number",
"minimum": .1,
"maximum": 200
}
}
}
}
}
},
"array18": {
"maxItems": 600,
"minItems": 0,
"type": "array",
"items": { "$ref": "#/$defs/record19" }
},
"string26": {
"type": "string",
"enum": [
"spaghetti18",
"cocktail2",
"skewer3",
"wire26",
"wire24",
"wire22",
"wire20",
"wire18",
"paper4",
"skewer4",
"straw12",
"dowel6",
"dowel8",
"hollow16",
"dowel10",
"dowel12",
"armature3",
"armature6",
"copper6",
"copper8",
"copper10",
"m6",
"m8",
"m10",
"m12",
"stainless6",
"stainless10",
"stainless12"
]
},
"record27": {
"additionalProperties": false,
"type": "object",
"required": ["on", "at"],
"properties": {
"on": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"at": { "$ref": "#/$defs/array23" }
}
},
"array28": {
"maxItems": 12,
"minItems": 1,
"type": "array",
"items": { "$ref": "#/$defs/record27" }
},
"record25": {
"additionalProperties": false,
"type": "object",
"required": [
"id",
"name",
"stock",
"from",
"to",
"pair",
"sleeved"
],
"properties": {
"id": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"name": {
"maxLength": 120,
"minLength": 1,
"type": "string"
},
"stock": { "$ref": "#/$defs/string26" },
"from": { "$ref": "#/$defs/record27" },
"to": { "$ref": "#/$defs/record27" },
"bends": { "$ref": "#/$defs/array28" },
"pair": { "type": "boolean" },
"sleeved": { "type": "boolean" },
"across": {
"type": "number",
"minimum": .1,
"maximum": 40
},
"bundle": {
"maxLength": 120,
"minLength": 1,
"type": "string"
},
"shown": { "type": "boolean" }
}
},
"array24": {
"maxItems": 200,
"minItems": 0,
"type": "array",
"items": { "$ref": "#/$defs/record25" }
},
"string30": {
"type": "string",
"enum": [
"buttercream",
"ganacheDark",
"ganacheWhite"
]
},
"string33": {
"type": "string",
"enum": [
"card",
"drum",
"foam",
"ply6",
"mdf6",
"mdf12",
"acrylic"
]
},
"record34": {
"additionalProperties": false,
"type": "object",
"required": ["stock", "number"],
"properties": {
"stock": { "$ref": "#/$defs/string26" },
"number": {
"type": "integer",
"minimum": 1,
"maximum": 12
}
}
},
"record35": {
"additionalProperties": false,
"type": "object",
"required": [
"across",
"blend",
"colour"
],
"properties": {
"across": {
"type": "number",
"minimum": 8,
"maximum": 400
},
"blend": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"colour": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
}
}
},
"record36": {
"additionalProperties": false,
"type": "object",
"required": [
"stock",
"number",
"apart"
],
"properties": {
"stock": { "$ref": "#/$defs/string26" },
"number": {
"type": "integer",
"minimum": 1,
"maximum": 4
},
"apart": {
"type": "number",
"minimum": 10,
"maximum": 600
}
}
},
"record32": {
"additionalProperties": false,
"type": "object",
"required": [
"id",
"name",
"shape",
"width",
"height",
"stuck"
],
"properties": {
"id": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"name": {
"maxLength": 120,
"minLength": 1,
"type": "string"
},
"shape": {
"type": "string",
"enum": ["round", "square"]
},
"width": {
"type": "number",
"minimum": 40,
"maximum": 800
},
"height": {
"type": "number",
"minimum": 20,
"maximum": 400
},
"cover": { "$ref": "#/$defs/record8" },
"board": {
"additionalProperties": false,
"type": "object",
"required": ["kind", "width"],
"properties": {
"kind": { "$ref": "#/$defs/string33" },
"width": {
"type": "number",
"minimum": 30,
"maximum": 900
}
}
},
"posts": { "$ref": "#/$defs/record34" },
"gap": {
"type": "number",
"minimum": 0,
"maximum": 700
},
"sleeve": { "$ref": "#/$defs/record35" },
"stuck": { "type": "boolean" },
"keepers": { "$ref": "#/$defs/record36" },
"weight": {
"type": "number",
"minimum": 1,
"maximum": 5e4
}
}
},
"array31": {
"maxItems": 12,
"minItems": 0,
"type": "array",
"items": { "$ref": "#/$defs/record32" }
},
"record29": {
"additionalProperties": false,
"type": "object",
"required": [
"batter",
"layer",
"filling",
"fillingThickness",
"coat",
"coatThickness",
"tins",
"chill",
"tiers"
],
"properties": {
"batter": {
"type": "string",
"enum": ["firm", "sponge"]
},
"density": {
"type": "number",
"minimum": .1,
"maximum": 1.7
},
"layer": {
"type": "number",
"minimum": 5,
"maximum": 200
},
"filling": { "$ref": "#/$defs/string30" },
"fillingThickness": {
"type": "number",
"minimum": 0,
"maximum": 50
},
"coat": { "$ref": "#/$defs/string30" },
"coatThickness": {
"type": "number",
"minimum": 0,
"maximum": 30
},
"tins": {
"maxItems": 30,
"minItems": 0,
"type": "array",
"items": {
"type": "number",
"minimum": 40,
"maximum": 800
}
},
"chill": {
"additionalProperties": false,
"type": "object",
"required": ["where", "hours"],
"properties": {
"where": {
"type": "string",
"enum": [
"room",
"fridge",
"freezer"
]
},
"hours": {
"type": "number",
"minimum": 0,
"maximum": 96
}
}
},
"tiers": { "$ref": "#/$defs/array31" }
}
},
"record37": {
"additionalProperties": false,
"type": "object",
"required": [
"piece",
"target",
"within",
"step",
"caseWidth",
"weighed"
],
"properties": {
"piece": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"target": {
"type": "number",
"minimum": .01,
"maximum": 5e3
},
"within": {
"type": "number",
"minimum": .001,
"maximum": 1e3
},
"step": {
"type": "number",
"minimum": .001,
"maximum": 10
},
"caseWidth": {
"type": "number",
"minimum": 0,
"maximum": 500
},
"weighed": {
"maxItems": 2e3,
"minItems": 0,
"type": "array",
"items": {
"type": "number",
"minimum": .001,
"maximum": 1e4
}
}
}
},
"record38": {
"additionalProperties": false,
"type": "object",
"required": ["kind", "width"],
"properties": {
"kind": { "$ref": "#/$defs/string33" },
"width": {
"type": "number",
"minimum": 30,
"maximum": 900
},
"gap": {
"type": "number",
"minimum": 0,
"maximum": 700
},
"sleeve": { "$ref": "#/$defs/record35" }
}
},
"record39": {
"additionalProperties": false,
"type": "object",
"required": [
"thread",
"base",
"raised",
"up"
],
"properties": {
"thread": {
"type": "integer",
"enum": [
6,
8,
10,
12
]
},
"base": {
"type": "string",
"enum": ["washer", "large"]
},
"raised": {
"type": "string",
"enum": ["washer", "large"]
},
"up": {
"type": "number",
"minimum": 0,
"maximum": 1e3
},
"cutAt": {
"type": "number",
"minimum": 0,
"maximum": 3e3
}
}
},
"record43": {
"additionalProperties": false,
"type": "object",
"required": [
"technique",
"amount",
"coats"
],
"properties": {
"technique": {
"type": "string",
"enum": [
"patch",
"spikes",
"wafer",
"paint",
"butter",
"airbrush",
"wash",
"watered",
"cocoaPaint",
"shade",
"dust",
"cocoa",
"sponge",
"blush",
"outline",
"pen",
"eyeWhite",
"eyeColour",
"pupil",
"catchlight",
"dots",
"metal",
"gloss",
"gel",
"drip",
"dirt"
]
},
"amount": {
"type": "number",
"minimum": .1,
"maximum": 1e5
},
"coats": {
"type": "integer",
"minimum": 1,
"maximum": 6
},
"colour": {
"pattern": "^#[0-9a-fA-F]{6}$",
"type": "string"
}
}
},
"record42": {
"additionalProperties": false,
"type": "object",
"required": [
"id",
"title",
"minutes"
],
"properties": {
"id": {
"pattern": "^own:[a-z0-9-]{1,60}$",
"type": "string"
},
"title": {
"maxLength": 120,
"minLength": 1,
"type": "string"
},
"minutes": {
"type": "number",
"minimum": 1,
"maximum": 600
},
"after": {
"maxLength": 200,
"minLength": 1,
"type": "string"
},
"wait": {
"type": "number",
"minimum": 0,
"maximum": 2e4
},
"before": {
"maxLength": 200,
"minLength": 1,
"type": "string"
},
"piece": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"work": {
"type": "string",
"enum": [
"paint",
"line",
"dust",
"spray",
"sponge",
"snip",
"mark",
"press"
]
},
"side": {
"type": "string",
"enum": [
"all",
"front",
"back",
"left",
"right",
"top",
"under"
]
},
"tool": {
"type": "string",
"enum": [
"oven",
"turntable",
"airbrush"
]
},
"finish": { "$ref": "#/$defs/record43" }
}
},
"array41": {
"maxItems": 200,
"minItems": 0,
"type": "array",
"items": { "$ref": "#/$defs/record42" }
},
"record40": {
"additionalProperties": false,
"type": "object",
"required": [
"own",
"minutes",
"left"
],
"properties": {
"own": { "$ref": "#/$defs/array41" },
"minutes": {
"type": "object",
"additionalProperties": {
"type": "number",
"minimum": 1,
"maximum": 600
},
"maxProperties": 1e3
},
"left": {
"maxItems": 1e3,
"minItems": 0,
"type": "array",
"items": {
"maxLength": 200,
"minLength": 1,
"type": "string"
}
},
"pins": {
"type": "object",
"additionalProperties": { "$ref": "#/$defs/string2" },
"maxProperties": 300
},
"rather": {
"type": "string",
"enum": [
"fewer",
"later",
"nights",
"fresher"
]
},
"parts": {
"type": "object",
"additionalProperties": {
"type": "integer",
"minimum": 1,
"maximum": 12
},
"maxProperties": 300
},
"joined": {
"maxItems": 100,
"minItems": 0,
"type": "array",
"items": {
"maxItems": 12,
"minItems": 2,
"type": "array",
"items": {
"maxLength": 200,
"minLength": 1,
"type": "string"
}
}
},
"agreed": {
"type": "object",
"additionalProperties": { "$ref": "#/$defs/string2" },
"maxProperties": 1e3
}
}
},
"array44": {
"maxItems": 60,
"minItems": 0,
"type": "array",
"items": {
"additionalProperties": false,
"type": "object",
"required": [
"day",
"from",
"to"
],
"properties": {
"day": {
"type": "integer",
"minimum": 1,
"maximum": 7
},
"from": {
"pattern": "^([01]\\d|2[0-3]):[0-5]\\d$",
"type": "string"
},
"to": {
"pattern": "^([01]\\d|2[0-3]):[0-5]\\d$",
"type": "string"
},
"ifNeeded": { "type": "boolean" }
}
}
},
"string46": {
"pattern": "^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$",
"type": "string"
},
"array45": {
"maxItems": 200,
"minItems": 1,
"type": "array",
"items": {
"additionalProperties": false,
"type": "object",
"required": ["date"],
"properties": {
"date": { "$ref": "#/$defs/string46" },
"from": {
"pattern": "^([01]\\d|2[0-3]):[0-5]\\d$",
"type": "string"
},
"to": {
"pattern": "^([01]\\d|2[0-3]):[0-5]\\d$",
"type": "string"
}
}
}
},
"record47": {
"additionalProperties": false,
"type": "object",
"required": [
"spare",
"powderBulk",
"spoon",
"smallestBatch",
"saves",
"pace"
],
"properties": {
"spare": {
"type": "number",
"minimum": 0,
"maximum": 100
},
"powderBulk": {
"type": "number",
"minimum": .2,
"maximum": 1.2
},
"spoon": {
"type": "number",
"minimum": 1,
"maximum": 25
},
"smallestBatch": {
"type": "number",
"minimum": 0,
"maximum": 500
},
"saves": { "type": "boolean" },
"pace": {
"type": "number",
"minimum": .3,
"maximum": 4
}
}
},
"record50": {
"additionalProperties": false,
"type": "object",
"required": [
"id",
"name",
"hours",
"pace"
],
"properties": {
"id": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"name": {
"maxLength": 120,
"minLength": 1,
"type": "string"
},
"hours": { "$ref": "#/$defs/array44" },
"pace": {
"type": "number",
"minimum": .3,
"maximum": 4
},
"does": {
"maxItems": 11,
"minItems": 0,
"type": "array",
"items": {
"type": "string",
"enum": [
"glue",
"bake",
"cake",
"mix",
"cover",
"bones",
"shape",
"texture",
"join",
"finish",
"pack"
]
}
}
}
},
"array49": {
"maxItems": 8,
"minItems": 0,
"type": "array",
"items": { "$ref": "#/$defs/record50" }
},
"record51": {
"additionalProperties": false,
"type": "object",
"properties": {
"glue": {
"type": "number",
"minimum": .2,
"maximum": 5
},
"bake": {
"type": "number",
"minimum": .2,
"maximum": 5
},
"cake": {
"type": "number",
"minimum": .2,
"maximum": 5
},
"mix": {
"type": "number",
"minimum": .2,
"maximum": 5
},
"cover": {
"type": "number",
"minimum": .2,
"maximum": 5
},
"bones": {
"type": "number",
"minimum": .2,
"maximum": 5
},
"shape": {
"type": "number",
"minimum": .2,
"maximum": 5
},
"texture": {
"type": "number",
"minimum": .2,
"maximum": 5
},
"join": {
"type": "number",
"minimum": .2,
"maximum": 5
},
"finish": {
"type": "number",
"minimum": .2,
"maximum": 5
},
"pack": {
"type": "number",
"minimum": .2,
"maximum": 5
}
}
},
"record48": {
"additionalProperties": false,
"type": "object",
"required": [
"helpers",
"tools",
"space"
],
"properties": {
"helpers": { "$ref": "#/$defs/array49" },
"tools": {
"additionalProperties": false,
"type": "object",
"properties": {
"oven": {
"type": "integer",
"minimum": 0,
"maximum": 20
},
"turntable": {
"type": "integer",
"minimum": 0,
"maximum": 20
},
"airbrush": {
"type": "integer",
"minimum": 0,
"maximum": 20
}
}
},
"space": {
"additionalProperties": false,
"type": "object",
"properties": {
"rack": {
"type": "number",
"minimum": 0,
"maximum": 1e5
},
"fridge": {
"type": "number",
"minimum": 0,
"maximum": 1e5
},
"freezer": {
"type": "number",
"minimum": 0,
"maximum": 1e5
},
"box": {
"type": "number",
"minimum": 0,
"maximum": 1e5
}
}
},
"paces": { "$ref": "#/$defs/record51" }
}
},
"record53": {
"additionalProperties": false,
"type": "object",
"required": [
"stock",
"name",
"batch",
"grams",
"recolour",
"allergens"
],
"properties": {
"stock": {
"maxLength": 80,
"minLength": 1,
"type": "string"
},
"name": {
"maxLength": 120,
"minLength": 1,
"type": "string"
},
"batch": {
"maxLength": 130,
"type": "string"
},
"grams": {
"type": "number",
"minimum": 0,
"maximum": 1e5
},
"recolour": { "type": "boolean" },
"allergens": { "$ref": "#/$defs/array13" },
"keepBy": { "$ref": "#/$defs/string46" }
}
},
"array52": {
"maxItems": 200,
"minItems": 0,
"type": "array",
"items": { "$ref": "#/$defs/record53" }
},
"record55": {
"additionalProperties": false,
"type": "object",
"required": [
"id",
"test",
"of",
"on",
"readings"
],
"properties": {
"id": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"test": {
"type": "string",
"enum": [
"press",
"pull",
"bend",
"spring",
"tab"
]
},
"of": {
"maxLength": 60,
"minLength": 1,
"type": "string"
},
"on": { "$ref": "#/$defs/string46" },
"readings": {
"type": "object",
"additionalProperties": {
"type": "number",
"minimum": 0,
"maximum": 5e4
},
"maxProperties": 8
}
}
},
"array54": {
"maxItems": 100,
"minItems": 0,
"type": "array",
"items": { "$ref": "#/$defs/record55" }
},
"string58": {
"type": "string",
"enum": [
"tack",
"skin",
"touch",
"pose",
"handle",
"bear",
"stand",
"hard",
"dry",
"stick",
"texture",
"bend"
]
},
"record59": {
"additionalProperties": false,
"type": "object",
"required": [
"base",
"gumPaste",
"powder"
],
"properties": {
"base": { "$ref": "#/$defs/string11" },
"gumPaste": {
"type": "number",
"minimum": 0,
"maximum": 100
},
"powder": {
"type": "number",
"minimum": 0,
"maximum": 5
}
}
},
"record60": {
"additionalProperties": false,
"type": "object",
"required": [
"volume",
"area",
"depth",
"facing",
"thickness",
"kind",
"coat"
],
"properties": {
"volume": {
"type": "number",
"minimum": .01,
"maximum": 1e9
},
"area": {
"type": "number",
"minimum": .01,
"maximum": 1e7
},
"depth": {
"type": "number",
"minimum": .01,
"maximum": 1e3
},
"facing": {
"type": "number",
"minimum": .01,
"maximum": 3e3
},
"thickness": {
"type": "number",
"minimum": .01,
"maximum": 2e3
},
"kind": {
"type": "string",
"enum": ["rod", "sheet"]
},
"coat": { "type": "boolean" }
}
},
"record62": {
"additionalProperties": false,
"type": "object",
"required": [
"temperature",
"humidity",
"air"
],
"properties": {
"until": {
"type": "number",
"minimum": 0,
"maximum": 1e5
},
"temperature": {
"type": "number",
"minimum": -30,
"maximum": 60
},
"humidity": {
"type": "number",
"minimum": 0,
"maximum": 1
},
"air": {
"type": "number",
"minimum": .01,
"maximum": 5
},
"wrapped": { "type": "boolean" }
}
},
"array61": {
"maxItems": 20,
"minItems": 1,
"type": "array",
"items": { "$ref": "#/$defs/record62" }
},
"record57": {
"additionalProperties": false,
"type": "object",
"required": [
"id",
"at",
"build",
"piece",
"question",
"saw",
"minutes",
"note",
"paste",
"body",
"spells",
"duty"
],
"properties": {
"id": {
"maxLength": 80,
"minLength": 1,
"type": "string"
},
"at": {
"maxLength": 40,
"type": "string"
},
"build": {
"maxLength": 120,
"type": "string"
},
"piece": {
"maxLength": 120,
"type": "string"
},
"buildId": {
"maxLength": 80,
"minLength": 1,
"type": "string"
},
"pieceId": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"question": { "$ref": "#/$defs/string58" },
"saw": {
"type": "string",
"enum": [
"just",
"yes",
"not",
"cracked",
"sagged",
"squashed"
]
},
"minutes": {
"type": "number",
"minimum": .1,
"maximum": 43200
},
"note": {
"maxLength": 1e3,
"type": "string"
},
"picture": {
"maxLength": 80,
"type": "string"
},
"paste": { "$ref": "#/$defs/record59" },
"body": { "$ref": "#/$defs/record60" },
"spells": { "$ref": "#/$defs/array61" },
"duty": {
"type": "object",
"additionalProperties": {
"type": "number",
"minimum": -1e6,
"maximum": 1e9
},
"maxProperties": 12
},
"table": {
"type": "number",
"minimum": .1,
"maximum": 1e6
}
}
},
"array56": {
"maxItems": 2e3,
"minItems": 0,
"type": "array",
"items": { "$ref": "#/$defs/record57" }
},
"record65": {
"additionalProperties": false,
"type": "object",
"required": [
"piece",
"question",
"firm",
"at"
],
"properties": {
"piece": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"question": { "$ref": "#/$defs/string58" },
"firm": { "type": "boolean" },
"at": {
"maxLength": 40,
"type": "string"
}
}
},
"array64": {
"maxItems": 2e3,
"minItems": 1,
"type": "array",
"items": { "$ref": "#/$defs/record65" }
},
"record67": {
"additionalProperties": false,
"type": "object",
"required": [
"step",
"grams",
"wanted",
"at"
],
"properties": {
"step": {
"maxLength": 200,
"minLength": 1,
"type": "string"
},
"grams": {
"type": "number",
"minimum": .001,
"maximum": 1e5
},
"wanted": {
"type": "number",
"minimum": .001,
"maximum": 1e5
},
"at": {
"maxLength": 40,
"type": "string"
}
}
},
"array66": {
"maxItems": 4e3,
"minItems": 1,
"type": "array",
"items": { "$ref": "#/$defs/record67" }
},
"array68": {
"maxItems": 2e3,
"minItems": 1,
"type": "array",
"items": {
"additionalProperties": false,
"type": "object",
"required": [
"at",
"temperature",
"humidity"
],
"properties": {
"at": {
"maxLength": 40,
"type": "string"
},
"temperature": {
"type": "number",
"minimum": -30,
"maximum": 60
},
"humidity": {
"type": "number",
"minimum": 0,
"maximum": 100
}
}
}
},
"string71": {
"type": "string",
"enum": [
"crustWorked",
"tooStiff",
"unrested",
"dryAir",
"oldPaste",
"tooThin",
"overStretched",
"noGum",
"tooSoft",
"overload",
"damp",
"gripped",
"lay",
"thickCream",
"weakGlue",
"wetGlue",
"dustedSeat",
"missedStick",
"oneRod",
"looseHole",
"offCentre",
"softBase",
"byEye",
"shrinks",
"miscount",
"drift",
"wrongBase",
"faded",
"filmWet",
"darkBeside",
"condensed",
"tooMuchWater",
"warmHands",
"trappedAir",
"gasOut",
"gathers",
"short",
"thicker",
"brittle",
"knocked",
"overFolded",
"underMixed",
"water",
"bloomFat",
"bloomSugar",
"warmRoom",
"thinIcing",
"wetUnder"
]
},
"string72": {
"type": "string",
"enum": [
"rubFat",
"spackle",
"kneadBack",
"bag",
"patch",
"hide",
"propUp",
"addRod",
"reroll",
"warmDent",
"turnAway",
"gumAgain",
"wipeSeat",
"pin",
"secondRod",
"shave",
"addSkin",
"glaze",
"remix",
"scrape",
"fan",
"starch",
"water",
"prick",
"rubPaste",
"rescue",
"glueBreak",
"coolFat",
"pressLumps",
"warmRub",
"coolDown",
"lift",
"remake"
]
},
"record70": {
"additionalProperties": false,
"type": "object",
"required": [
"id",
"at",
"trouble"
],
"properties": {
"id": {
"maxLength": 80,
"minLength": 1,
"type": "string"
},
"at": {
"maxLength": 40,
"type": "string"
},
"trouble": {
"type": "string",
"enum": [
"cracked",
"elephant",
"torn",
"shows",
"bubble",
"wrinkles",
"dented",
"sagged",
"squashed",
"flat",
"bulged",
"leaning",
"size",
"popped",
"spun",
"broke",
"icingRan",
"colourOff",
"bled",
"sticky",
"dry",
"ranOut",
"greasy",
"lumpy",
"bloomed",
"tooSoft"
]
},
"piece": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"signs": {
"type": "object",
"additionalProperties": { "type": "boolean" },
"maxProperties": 40
},
"cause": { "$ref": "#/$defs/string71" },
"mend": { "$ref": "#/$defs/string72" },
"held": { "type": "boolean" },
"leaves": {
"maxLength": 120,
"type": "string"
},
"step": {
"maxLength": 200,
"minLength": 1,
"type": "string"
},
"note": {
"maxLength": 1e3,
"type": "string"
},
"picture": {
"maxLength": 80,
"type": "string"
}
}
},
"array69": {
"maxItems": 500,
"minItems": 1,
"type": "array",
"items": { "$ref": "#/$defs/record70" }
},
"record63": {
"additionalProperties": false,
"type": "object",
"required": ["done"],
"properties": {
"from": {
"maxLength": 40,
"type": "string"
},
"done": {
"maxItems": 4e3,
"minItems": 0,
"type": "array",
"items": {
"additionalProperties": false,
"type": "object",
"required": ["step", "at"],
"properties": {
"step": {
"maxLength": 200,
"minLength": 1,
"type": "string"
},
"at": {
"maxLength": 40,
"type": "string"
}
}
}
},
"said": { "$ref": "#/$defs/array64" },
"until": {
"maxLength": 40,
"type": "string"
},
"weighed": { "$ref": "#/$defs/array66" },
"air": { "$ref": "#/$defs/array68" },
"trouble": { "$ref": "#/$defs/array69" }
}
},
"record75": {
"additionalProperties": false,
"type": "object",
"required": [
"id",
"name",
"number",
"food",
"where"
],
"properties": {
"id": {
"maxLength": 80,
"minLength": 1,
"type": "string"
},
"name": {
"maxLength": 120,
"minLength": 1,
"type": "string"
},
"number": {
"type": "integer",
"minimum": 1,
"maximum": 500
},
"food": { "type": "boolean" },
"where": {
"maxLength": 120,
"type": "string"
}
}
},
"array74": {
"maxItems": 60,
"minItems": 1,
"type": "array",
"items": { "$ref": "#/$defs/record75" }
},
"record73": {
"additionalProperties": false,
"type": "object",
"properties": {
"apart": {
"maxItems": 600,
"minItems": 1,
"type": "array",
"items": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
}
},
"minutes": {
"type": "number",
"minimum": 0,
"maximum": 2880
},
"air": {
"type": "number",
"minimum": -20,
"maximum": 50
},
"cooled": {
"const": true,
"type": "boolean"
},
"stands": {
"type": "number",
"minimum": 0,
"maximum": 20160
},
"toppers": { "$ref": "#/$defs/array74" },
"counted": {
"type": "object",
"additionalProperties": {
"type": "number",
"minimum": 0,
"maximum": 2e4
},
"maxProperties": 400
},
"note": {
"maxLength": 2e3,
"type": "string"
}
}
},
"record77": {
"additionalProperties": false,
"type": "object",
"required": [
"id",
"name",
"room",
"board",
"blends",
"colours",
"pieces",
"rods",
"cake",
"steps"
],
"properties": {
"id": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"name": {
"maxLength": 120,
"minLength": 1,
"type": "string"
},
"room": { "$ref": "#/$defs/record6" },
"board": { "$ref": "#/$defs/record7" },
"blends": { "$ref": "#/$defs/array9" },
"colours": { "$ref": "#/$defs/array14" },
"pieces": { "$ref": "#/$defs/array18" },
"rods": { "$ref": "#/$defs/array24" },
"cake": { "$ref": "#/$defs/record29" },
"portions": { "$ref": "#/$defs/record37" },
"card": { "$ref": "#/$defs/record38" },
"mast": { "$ref": "#/$defs/record39" },
"steps": { "$ref": "#/$defs/record40" }
}
},
"array76": {
"maxItems": 8,
"minItems": 1,
"type": "array",
"items": { "$ref": "#/$defs/record77" }
}
}
};
const func1 = Object.prototype.hasOwnProperty;
const func2 = require_ucs2length().default;
const schema20 = {
"additionalProperties": false,
"type": "object",
"required": [
"due",
"zone",
"journey",
"grip",
"note"
],
"properties": {
"due": { "$ref": "#/$defs/string2" },
"zone": {
"maxLength": 60,
"minLength": 1,
"type": "string"
},
"journey": {
"type": "string",
"enum": [
"table",
"carry",
"carFlat",
"carSeat",
"carHard"
]
},
"grip": {
"type": "string",
"enum": [
"bare",
"box",
"seat",
"mat"
]
},
"loads": { "$ref": "#/$defs/record3" },
"eaters": { "$ref": "#/$defs/record5" },
"said": {
"maxItems": 8,
"minItems": 0,
"type": "array",
"items": {
"type": "string",
"enum": [
"size",
"paste",
"base",
"due",
"journey",
"eaters",
"hours",
"room"
]
}
},
"note": {
"maxLength": 4e3,
"type": "string"
}
}
};
const pattern3 = /* @__PURE__ */ new RegExp("^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}$", "u");
function validate54(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate54.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (typeof data === "string") {
if (!pattern3.test(data)) {
validate54.errors = [{
instancePath,
keyword: "pattern",
params: { pattern: "^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}$" }
}];
return false;
}
} else {
validate54.errors = [{
instancePath,
keyword: "type",
params: { type: "string" }
}];
return false;
}
validate54.errors = vErrors;
return true;
}
validate54.evaluated = {
"dynamicProps": false,
"dynamicItems": false
};
function validate57(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate57.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.sideways === void 0 && (missing0 = "sideways") || data.tilt === void 0 && (missing0 = "tilt") || data.down === void 0 && (missing0 = "down") || data.up === void 0 && (missing0 = "up")) {
validate57.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
for (const key0 in data) if (!(key0 === "sideways" || key0 === "tilt" || key0 === "down" || key0 === "up")) {
validate57.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (data.sideways !== void 0) {
let data0 = data.sideways;
if (typeof data0 == "number" && isFinite(data0)) {
if (data0 > 1.5 || isNaN(data0)) {
validate57.errors = [{
instancePath: instancePath + "/sideways",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1.5
}
}];
return false;
} else if (data0 < 0 || isNaN(data0)) {
validate57.errors = [{
instancePath: instancePath + "/sideways",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate57.errors = [{
instancePath: instancePath + "/sideways",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.tilt !== void 0) {
let data1 = data.tilt;
if (typeof data1 == "number" && isFinite(data1)) {
if (data1 > 30 || isNaN(data1)) {
validate57.errors = [{
instancePath: instancePath + "/tilt",
keyword: "maximum",
params: {
comparison: "<=",
limit: 30
}
}];
return false;
} else if (data1 < 0 || isNaN(data1)) {
validate57.errors = [{
instancePath: instancePath + "/tilt",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate57.errors = [{
instancePath: instancePath + "/tilt",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.down !== void 0) {
let data2 = data.down;
if (typeof data2 == "number" && isFinite(data2)) {
if (data2 > 3 || isNaN(data2)) {
validate57.errors = [{
instancePath: instancePath + "/down",
keyword: "maximum",
params: {
comparison: "<=",
limit: 3
}
}];
return false;
} else if (data2 < 1 || isNaN(data2)) {
validate57.errors = [{
instancePath: instancePath + "/down",
keyword: "minimum",
params: {
comparison: ">=",
limit: 1
}
}];
return false;
}
} else {
validate57.errors = [{
instancePath: instancePath + "/down",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.up !== void 0) {
let data3 = data.up;
if (typeof data3 == "number" && isFinite(data3)) {
if (data3 > 1 || isNaN(data3)) {
validate57.errors = [{
instancePath: instancePath + "/up",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1
}
}];
return false;
} else if (data3 < .2 || isNaN(data3)) {
validate57.errors = [{
instancePath: instancePath + "/up",
keyword: "minimum",
params: {
comparison: ">=",
limit: .2
}
}];
return false;
}
} else {
validate57.errors = [{
instancePath: instancePath + "/up",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
}
}
}
}
} else {
validate57.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
validate57.errors = vErrors;
return true;
}
validate57.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate56(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate56.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
const _errs1 = errors;
for (const key0 in data) if (!(key0 === "table" || key0 === "carry" || key0 === "carFlat" || key0 === "carSeat" || key0 === "carHard")) {
validate56.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.table !== void 0) {
const _errs2 = errors;
if (!validate57(data.table, {
instancePath: instancePath + "/table",
parentData: data,
parentDataProperty: "table",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate57.errors : vErrors.concat(validate57.errors);
errors = vErrors.length;
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.carry !== void 0) {
const _errs3 = errors;
if (!validate57(data.carry, {
instancePath: instancePath + "/carry",
parentData: data,
parentDataProperty: "carry",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate57.errors : vErrors.concat(validate57.errors);
errors = vErrors.length;
}
var valid0 = _errs3 === errors;
} else var valid0 = true;
if (valid0) {
if (data.carFlat !== void 0) {
const _errs4 = errors;
if (!validate57(data.carFlat, {
instancePath: instancePath + "/carFlat",
parentData: data,
parentDataProperty: "carFlat",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate57.errors : vErrors.concat(validate57.errors);
errors = vErrors.length;
}
var valid0 = _errs4 === errors;
} else var valid0 = true;
if (valid0) {
if (data.carSeat !== void 0) {
const _errs5 = errors;
if (!validate57(data.carSeat, {
instancePath: instancePath + "/carSeat",
parentData: data,
parentDataProperty: "carSeat",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate57.errors : vErrors.concat(validate57.errors);
errors = vErrors.length;
}
var valid0 = _errs5 === errors;
} else var valid0 = true;
if (valid0) {
if (data.carHard !== void 0) {
const _errs6 = errors;
if (!validate57(data.carHard, {
instancePath: instancePath + "/carHard",
parentData: data,
parentDataProperty: "carHard",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate57.errors : vErrors.concat(validate57.errors);
errors = vErrors.length;
}
var valid0 = _errs6 === errors;
} else var valid0 = true;
}
}
}
}
}
} else {
validate56.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate56.errors = vErrors;
return errors === 0;
}
validate56.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
const schema24 = {
"additionalProperties": false,
"type": "object",
"required": [
"who",
"avoid",
"fate"
],
"properties": {
"who": {
"type": "string",
"enum": [
"adults",
"children",
"under3"
]
},
"avoid": {
"maxItems": 8,
"minItems": 0,
"type": "array",
"items": {
"type": "string",
"enum": [
"nuts",
"milk",
"egg",
"wheat",
"soya",
"gelatine",
"alcohol",
"animal"
]
}
},
"fate": {
"type": "string",
"enum": [
"eaten",
"kept",
"notEaten"
]
}
}
};
function validate64(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate64.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.who === void 0 && (missing0 = "who") || data.avoid === void 0 && (missing0 = "avoid") || data.fate === void 0 && (missing0 = "fate")) {
validate64.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
for (const key0 in data) if (!(key0 === "who" || key0 === "avoid" || key0 === "fate")) {
validate64.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (data.who !== void 0) {
let data0 = data.who;
if (typeof data0 !== "string") {
validate64.errors = [{
instancePath: instancePath + "/who",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data0 === "adults" || data0 === "children" || data0 === "under3")) {
validate64.errors = [{
instancePath: instancePath + "/who",
keyword: "enum",
params: { allowedValues: schema24.properties.who.enum }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.avoid !== void 0) {
let data1 = data.avoid;
if (Array.isArray(data1)) {
if (data1.length > 8) {
validate64.errors = [{
instancePath: instancePath + "/avoid",
keyword: "maxItems",
params: { limit: 8 }
}];
return false;
} else if (data1.length < 0) {
validate64.errors = [{
instancePath: instancePath + "/avoid",
keyword: "minItems",
params: { limit: 0 }
}];
return false;
} else {
const len0 = data1.length;
for (let i0 = 0; i0 < len0; i0++) {
let data2 = data1[i0];
if (typeof data2 !== "string") {
validate64.errors = [{
instancePath: instancePath + "/avoid/" + i0,
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data2 === "nuts" || data2 === "milk" || data2 === "egg" || data2 === "wheat" || data2 === "soya" || data2 === "gelatine" || data2 === "alcohol" || data2 === "animal")) {
validate64.errors = [{
instancePath: instancePath + "/avoid/" + i0,
keyword: "enum",
params: { allowedValues: schema24.properties.avoid.items.enum }
}];
return false;
}
}
}
} else {
validate64.errors = [{
instancePath: instancePath + "/avoid",
keyword: "type",
params: { type: "array" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.fate !== void 0) {
let data3 = data.fate;
if (typeof data3 !== "string") {
validate64.errors = [{
instancePath: instancePath + "/fate",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data3 === "eaten" || data3 === "kept" || data3 === "notEaten")) {
validate64.errors = [{
instancePath: instancePath + "/fate",
keyword: "enum",
params: { allowedValues: schema24.properties.fate.enum }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
}
}
}
} else {
validate64.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
validate64.errors = vErrors;
return true;
}
validate64.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate53(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate53.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.due === void 0 && (missing0 = "due") || data.zone === void 0 && (missing0 = "zone") || data.journey === void 0 && (missing0 = "journey") || data.grip === void 0 && (missing0 = "grip") || data.note === void 0 && (missing0 = "note")) {
validate53.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!(key0 === "due" || key0 === "zone" || key0 === "journey" || key0 === "grip" || key0 === "loads" || key0 === "eaters" || key0 === "said" || key0 === "note")) {
validate53.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.due !== void 0) {
const _errs2 = errors;
if (!validate54(data.due, {
instancePath: instancePath + "/due",
parentData: data,
parentDataProperty: "due",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate54.errors : vErrors.concat(validate54.errors);
errors = vErrors.length;
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.zone !== void 0) {
let data1 = data.zone;
const _errs3 = errors;
if (errors === _errs3) {
if (typeof data1 === "string") {
if (func2(data1) > 60) {
validate53.errors = [{
instancePath: instancePath + "/zone",
keyword: "maxLength",
params: { limit: 60 }
}];
return false;
} else if (func2(data1) < 1) {
validate53.errors = [{
instancePath: instancePath + "/zone",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate53.errors = [{
instancePath: instancePath + "/zone",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs3 === errors;
} else var valid0 = true;
if (valid0) {
if (data.journey !== void 0) {
let data2 = data.journey;
const _errs5 = errors;
if (typeof data2 !== "string") {
validate53.errors = [{
instancePath: instancePath + "/journey",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data2 === "table" || data2 === "carry" || data2 === "carFlat" || data2 === "carSeat" || data2 === "carHard")) {
validate53.errors = [{
instancePath: instancePath + "/journey",
keyword: "enum",
params: { allowedValues: schema20.properties.journey.enum }
}];
return false;
}
var valid0 = _errs5 === errors;
} else var valid0 = true;
if (valid0) {
if (data.grip !== void 0) {
let data3 = data.grip;
const _errs7 = errors;
if (typeof data3 !== "string") {
validate53.errors = [{
instancePath: instancePath + "/grip",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data3 === "bare" || data3 === "box" || data3 === "seat" || data3 === "mat")) {
validate53.errors = [{
instancePath: instancePath + "/grip",
keyword: "enum",
params: { allowedValues: schema20.properties.grip.enum }
}];
return false;
}
var valid0 = _errs7 === errors;
} else var valid0 = true;
if (valid0) {
if (data.loads !== void 0) {
const _errs9 = errors;
if (!validate56(data.loads, {
instancePath: instancePath + "/loads",
parentData: data,
parentDataProperty: "loads",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate56.errors : vErrors.concat(validate56.errors);
errors = vErrors.length;
}
var valid0 = _errs9 === errors;
} else var valid0 = true;
if (valid0) {
if (data.eaters !== void 0) {
const _errs10 = errors;
if (!validate64(data.eaters, {
instancePath: instancePath + "/eaters",
parentData: data,
parentDataProperty: "eaters",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate64.errors : vErrors.concat(validate64.errors);
errors = vErrors.length;
}
var valid0 = _errs10 === errors;
} else var valid0 = true;
if (valid0) {
if (data.said !== void 0) {
let data6 = data.said;
const _errs11 = errors;
if (errors === _errs11) {
if (Array.isArray(data6)) {
if (data6.length > 8) {
validate53.errors = [{
instancePath: instancePath + "/said",
keyword: "maxItems",
params: { limit: 8 }
}];
return false;
} else if (data6.length < 0) {
validate53.errors = [{
instancePath: instancePath + "/said",
keyword: "minItems",
params: { limit: 0 }
}];
return false;
} else {
const len0 = data6.length;
for (let i0 = 0; i0 < len0; i0++) {
let data7 = data6[i0];
const _errs13 = errors;
if (typeof data7 !== "string") {
validate53.errors = [{
instancePath: instancePath + "/said/" + i0,
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data7 === "size" || data7 === "paste" || data7 === "base" || data7 === "due" || data7 === "journey" || data7 === "eaters" || data7 === "hours" || data7 === "room")) {
validate53.errors = [{
instancePath: instancePath + "/said/" + i0,
keyword: "enum",
params: { allowedValues: schema20.properties.said.items.enum }
}];
return false;
}
if (!(_errs13 === errors)) break;
}
}
} else {
validate53.errors = [{
instancePath: instancePath + "/said",
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
var valid0 = _errs11 === errors;
} else var valid0 = true;
if (valid0) {
if (data.note !== void 0) {
let data8 = data.note;
const _errs15 = errors;
if (errors === _errs15) {
if (typeof data8 === "string") {
if (func2(data8) > 4e3) {
validate53.errors = [{
instancePath: instancePath + "/note",
keyword: "maxLength",
params: { limit: 4e3 }
}];
return false;
}
} else {
validate53.errors = [{
instancePath: instancePath + "/note",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs15 === errors;
} else var valid0 = true;
}
}
}
}
}
}
}
}
}
} else {
validate53.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate53.errors = vErrors;
return errors === 0;
}
validate53.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate67(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate67.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.temperature === void 0 && (missing0 = "temperature") || data.humidity === void 0 && (missing0 = "humidity") || data.air === void 0 && (missing0 = "air")) {
validate67.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
for (const key0 in data) if (!(key0 === "temperature" || key0 === "humidity" || key0 === "air" || key0 === "night")) {
validate67.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (data.temperature !== void 0) {
let data0 = data.temperature;
if (typeof data0 == "number" && isFinite(data0)) {
if (data0 > 40 || isNaN(data0)) {
validate67.errors = [{
instancePath: instancePath + "/temperature",
keyword: "maximum",
params: {
comparison: "<=",
limit: 40
}
}];
return false;
} else if (data0 < 5 || isNaN(data0)) {
validate67.errors = [{
instancePath: instancePath + "/temperature",
keyword: "minimum",
params: {
comparison: ">=",
limit: 5
}
}];
return false;
}
} else {
validate67.errors = [{
instancePath: instancePath + "/temperature",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.humidity !== void 0) {
let data1 = data.humidity;
if (typeof data1 == "number" && isFinite(data1)) {
if (data1 > 95 || isNaN(data1)) {
validate67.errors = [{
instancePath: instancePath + "/humidity",
keyword: "maximum",
params: {
comparison: "<=",
limit: 95
}
}];
return false;
} else if (data1 < 5 || isNaN(data1)) {
validate67.errors = [{
instancePath: instancePath + "/humidity",
keyword: "minimum",
params: {
comparison: ">=",
limit: 5
}
}];
return false;
}
} else {
validate67.errors = [{
instancePath: instancePath + "/humidity",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.air !== void 0) {
let data2 = data.air;
if (typeof data2 == "number" && isFinite(data2)) {
if (data2 > 3 || isNaN(data2)) {
validate67.errors = [{
instancePath: instancePath + "/air",
keyword: "maximum",
params: {
comparison: "<=",
limit: 3
}
}];
return false;
} else if (data2 < .02 || isNaN(data2)) {
validate67.errors = [{
instancePath: instancePath + "/air",
keyword: "minimum",
params: {
comparison: ">=",
limit: .02
}
}];
return false;
}
} else {
validate67.errors = [{
instancePath: instancePath + "/air",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.night !== void 0) {
let data3 = data.night;
if (data3 && typeof data3 == "object" && !Array.isArray(data3)) {
let missing1;
if (data3.temperature === void 0 && (missing1 = "temperature") || data3.humidity === void 0 && (missing1 = "humidity")) {
validate67.errors = [{
instancePath: instancePath + "/night",
keyword: "required",
params: { missingProperty: missing1 }
}];
return false;
} else {
for (const key1 in data3) if (!(key1 === "temperature" || key1 === "humidity")) {
validate67.errors = [{
instancePath: instancePath + "/night",
keyword: "additionalProperties",
params: { additionalProperty: key1 }
}];
return false;
}
if (data3.temperature !== void 0) {
let data4 = data3.temperature;
if (typeof data4 == "number" && isFinite(data4)) {
if (data4 > 40 || isNaN(data4)) {
validate67.errors = [{
instancePath: instancePath + "/night/temperature",
keyword: "maximum",
params: {
comparison: "<=",
limit: 40
}
}];
return false;
} else if (data4 < 0 || isNaN(data4)) {
validate67.errors = [{
instancePath: instancePath + "/night/temperature",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate67.errors = [{
instancePath: instancePath + "/night/temperature",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid1 = true;
} else var valid1 = true;
if (valid1) {
if (data3.humidity !== void 0) {
let data5 = data3.humidity;
if (typeof data5 == "number" && isFinite(data5)) {
if (data5 > 95 || isNaN(data5)) {
validate67.errors = [{
instancePath: instancePath + "/night/humidity",
keyword: "maximum",
params: {
comparison: "<=",
limit: 95
}
}];
return false;
} else if (data5 < 5 || isNaN(data5)) {
validate67.errors = [{
instancePath: instancePath + "/night/humidity",
keyword: "minimum",
params: {
comparison: ">=",
limit: 5
}
}];
return false;
}
} else {
validate67.errors = [{
instancePath: instancePath + "/night/humidity",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid1 = true;
} else var valid1 = true;
}
}
} else {
validate67.errors = [{
instancePath: instancePath + "/night",
keyword: "type",
params: { type: "object" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
}
}
}
}
} else {
validate67.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
validate67.errors = vErrors;
return true;
}
validate67.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
const schema26 = {
"additionalProperties": false,
"type": "object",
"required": [
"shape",
"width",
"thickness",
"material",
"feet"
],
"properties": {
"shape": {
"type": "string",
"enum": ["round", "square"]
},
"width": {
"type": "number",
"minimum": 20,
"maximum": 1500
},
"thickness": {
"type": "number",
"minimum": 1,
"maximum": 60
},
"material": {
"type": "string",
"enum": [
"drum",
"mdf",
"plywood",
"foamcore"
]
},
"feet": {
"type": "number",
"minimum": 0,
"maximum": 200
},
"cover": { "$ref": "#/$defs/record8" },
"ribbon": {
"additionalProperties": false,
"type": "object",
"required": ["width", "colour"],
"properties": {
"width": {
"type": "number",
"minimum": 3,
"maximum": 100
},
"colour": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
}
}
}
}
};
const pattern4 = /* @__PURE__ */ new RegExp("^[a-z0-9][a-z0-9-]{0,59}$", "u");
function validate70(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate70.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.thickness === void 0 && (missing0 = "thickness") || data.blend === void 0 && (missing0 = "blend") || data.colour === void 0 && (missing0 = "colour")) {
validate70.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
for (const key0 in data) if (!(key0 === "thickness" || key0 === "blend" || key0 === "colour")) {
validate70.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (data.thickness !== void 0) {
let data0 = data.thickness;
if (typeof data0 == "number" && isFinite(data0)) {
if (data0 > 20 || isNaN(data0)) {
validate70.errors = [{
instancePath: instancePath + "/thickness",
keyword: "maximum",
params: {
comparison: "<=",
limit: 20
}
}];
return false;
} else if (data0 < 1 || isNaN(data0)) {
validate70.errors = [{
instancePath: instancePath + "/thickness",
keyword: "minimum",
params: {
comparison: ">=",
limit: 1
}
}];
return false;
}
} else {
validate70.errors = [{
instancePath: instancePath + "/thickness",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.blend !== void 0) {
let data1 = data.blend;
if (typeof data1 === "string") {
if (!pattern4.test(data1)) {
validate70.errors = [{
instancePath: instancePath + "/blend",
keyword: "pattern",
params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" }
}];
return false;
}
} else {
validate70.errors = [{
instancePath: instancePath + "/blend",
keyword: "type",
params: { type: "string" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.colour !== void 0) {
let data2 = data.colour;
if (typeof data2 === "string") {
if (!pattern4.test(data2)) {
validate70.errors = [{
instancePath: instancePath + "/colour",
keyword: "pattern",
params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" }
}];
return false;
}
} else {
validate70.errors = [{
instancePath: instancePath + "/colour",
keyword: "type",
params: { type: "string" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
}
}
}
} else {
validate70.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
validate70.errors = vErrors;
return true;
}
validate70.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate69(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate69.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.shape === void 0 && (missing0 = "shape") || data.width === void 0 && (missing0 = "width") || data.thickness === void 0 && (missing0 = "thickness") || data.material === void 0 && (missing0 = "material") || data.feet === void 0 && (missing0 = "feet")) {
validate69.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!(key0 === "shape" || key0 === "width" || key0 === "thickness" || key0 === "material" || key0 === "feet" || key0 === "cover" || key0 === "ribbon")) {
validate69.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.shape !== void 0) {
let data0 = data.shape;
const _errs2 = errors;
if (typeof data0 !== "string") {
validate69.errors = [{
instancePath: instancePath + "/shape",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data0 === "round" || data0 === "square")) {
validate69.errors = [{
instancePath: instancePath + "/shape",
keyword: "enum",
params: { allowedValues: schema26.properties.shape.enum }
}];
return false;
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.width !== void 0) {
let data1 = data.width;
const _errs4 = errors;
if (errors === _errs4) {
if (typeof data1 == "number" && isFinite(data1)) {
if (data1 > 1500 || isNaN(data1)) {
validate69.errors = [{
instancePath: instancePath + "/width",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1500
}
}];
return false;
} else if (data1 < 20 || isNaN(data1)) {
validate69.errors = [{
instancePath: instancePath + "/width",
keyword: "minimum",
params: {
comparison: ">=",
limit: 20
}
}];
return false;
}
} else {
validate69.errors = [{
instancePath: instancePath + "/width",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs4 === errors;
} else var valid0 = true;
if (valid0) {
if (data.thickness !== void 0) {
let data2 = data.thickness;
const _errs6 = errors;
if (errors === _errs6) {
if (typeof data2 == "number" && isFinite(data2)) {
if (data2 > 60 || isNaN(data2)) {
validate69.errors = [{
instancePath: instancePath + "/thickness",
keyword: "maximum",
params: {
comparison: "<=",
limit: 60
}
}];
return false;
} else if (data2 < 1 || isNaN(data2)) {
validate69.errors = [{
instancePath: instancePath + "/thickness",
keyword: "minimum",
params: {
comparison: ">=",
limit: 1
}
}];
return false;
}
} else {
validate69.errors = [{
instancePath: instancePath + "/thickness",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs6 === errors;
} else var valid0 = true;
if (valid0) {
if (data.material !== void 0) {
let data3 = data.material;
const _errs8 = errors;
if (typeof data3 !== "string") {
validate69.errors = [{
instancePath: instancePath + "/material",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data3 === "drum" || data3 === "mdf" || data3 === "plywood" || data3 === "foamcore")) {
validate69.errors = [{
instancePath: instancePath + "/material",
keyword: "enum",
params: { allowedValues: schema26.properties.material.enum }
}];
return false;
}
var valid0 = _errs8 === errors;
} else var valid0 = true;
if (valid0) {
if (data.feet !== void 0) {
let data4 = data.feet;
const _errs10 = errors;
if (errors === _errs10) {
if (typeof data4 == "number" && isFinite(data4)) {
if (data4 > 200 || isNaN(data4)) {
validate69.errors = [{
instancePath: instancePath + "/feet",
keyword: "maximum",
params: {
comparison: "<=",
limit: 200
}
}];
return false;
} else if (data4 < 0 || isNaN(data4)) {
validate69.errors = [{
instancePath: instancePath + "/feet",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate69.errors = [{
instancePath: instancePath + "/feet",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs10 === errors;
} else var valid0 = true;
if (valid0) {
if (data.cover !== void 0) {
const _errs12 = errors;
if (!validate70(data.cover, {
instancePath: instancePath + "/cover",
parentData: data,
parentDataProperty: "cover",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate70.errors : vErrors.concat(validate70.errors);
errors = vErrors.length;
}
var valid0 = _errs12 === errors;
} else var valid0 = true;
if (valid0) {
if (data.ribbon !== void 0) {
let data6 = data.ribbon;
const _errs13 = errors;
if (errors === _errs13) {
if (data6 && typeof data6 == "object" && !Array.isArray(data6)) {
let missing1;
if (data6.width === void 0 && (missing1 = "width") || data6.colour === void 0 && (missing1 = "colour")) {
validate69.errors = [{
instancePath: instancePath + "/ribbon",
keyword: "required",
params: { missingProperty: missing1 }
}];
return false;
} else {
const _errs15 = errors;
for (const key1 in data6) if (!(key1 === "width" || key1 === "colour")) {
validate69.errors = [{
instancePath: instancePath + "/ribbon",
keyword: "additionalProperties",
params: { additionalProperty: key1 }
}];
return false;
}
if (_errs15 === errors) {
if (data6.width !== void 0) {
let data7 = data6.width;
const _errs16 = errors;
if (errors === _errs16) {
if (typeof data7 == "number" && isFinite(data7)) {
if (data7 > 100 || isNaN(data7)) {
validate69.errors = [{
instancePath: instancePath + "/ribbon/width",
keyword: "maximum",
params: {
comparison: "<=",
limit: 100
}
}];
return false;
} else if (data7 < 3 || isNaN(data7)) {
validate69.errors = [{
instancePath: instancePath + "/ribbon/width",
keyword: "minimum",
params: {
comparison: ">=",
limit: 3
}
}];
return false;
}
} else {
validate69.errors = [{
instancePath: instancePath + "/ribbon/width",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid1 = _errs16 === errors;
} else var valid1 = true;
if (valid1) {
if (data6.colour !== void 0) {
let data8 = data6.colour;
const _errs18 = errors;
if (errors === _errs18) {
if (typeof data8 === "string") {
if (!pattern4.test(data8)) {
validate69.errors = [{
instancePath: instancePath + "/ribbon/colour",
keyword: "pattern",
params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" }
}];
return false;
}
} else {
validate69.errors = [{
instancePath: instancePath + "/ribbon/colour",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid1 = _errs18 === errors;
} else var valid1 = true;
}
}
}
} else {
validate69.errors = [{
instancePath: instancePath + "/ribbon",
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
var valid0 = _errs13 === errors;
} else var valid0 = true;
}
}
}
}
}
}
}
}
} else {
validate69.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate69.errors = vErrors;
return errors === 0;
}
validate69.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
const schema29 = {
"additionalProperties": false,
"type": "object",
"required": [
"id",
"name",
"base",
"gumPaste",
"powder"
],
"properties": {
"id": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"name": {
"maxLength": 120,
"minLength": 1,
"type": "string"
},
"base": { "$ref": "#/$defs/string11" },
"gumPaste": {
"type": "number",
"minimum": 0,
"maximum": 100
},
"powder": {
"type": "number",
"minimum": 0,
"maximum": 5
},
"ratio": {
"type": "number",
"minimum": 1,
"maximum": 8
},
"density": {
"type": "number",
"minimum": .1,
"maximum": 1.7
},
"shrink": {
"type": "number",
"minimum": 0,
"maximum": 10
},
"job": {
"type": "string",
"enum": [
"pose",
"carry",
"carve",
"flex",
"fingers"
]
},
"own": { "$ref": "#/$defs/record12" }
}
};
const schema30 = {
"type": "string",
"enum": [
"fondant",
"gumPaste",
"modellingPaste",
"marzipan",
"chocolateDark",
"chocolateMilk",
"chocolateWhite",
"chocolateCompound",
"royalIcing"
]
};
function validate75(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate75.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (typeof data !== "string") {
validate75.errors = [{
instancePath,
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data === "fondant" || data === "gumPaste" || data === "modellingPaste" || data === "marzipan" || data === "chocolateDark" || data === "chocolateMilk" || data === "chocolateWhite" || data === "chocolateCompound" || data === "royalIcing")) {
validate75.errors = [{
instancePath,
keyword: "enum",
params: { allowedValues: schema30.enum }
}];
return false;
}
validate75.errors = vErrors;
return true;
}
validate75.evaluated = {
"dynamicProps": false,
"dynamicItems": false
};
function validate79(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate79.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (Array.isArray(data)) {
if (data.length > 20) {
validate79.errors = [{
instancePath,
keyword: "maxItems",
params: { limit: 20 }
}];
return false;
} else if (data.length < 0) {
validate79.errors = [{
instancePath,
keyword: "minItems",
params: { limit: 0 }
}];
return false;
} else {
const len0 = data.length;
for (let i0 = 0; i0 < len0; i0++) {
let data0 = data[i0];
if (typeof data0 === "string") {
if (func2(data0) > 60) {
validate79.errors = [{
instancePath: instancePath + "/" + i0,
keyword: "maxLength",
params: { limit: 60 }
}];
return false;
}
} else {
validate79.errors = [{
instancePath: instancePath + "/" + i0,
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
}
} else {
validate79.errors = [{
instancePath,
keyword: "type",
params: { type: "array" }
}];
return false;
}
validate79.errors = vErrors;
return true;
}
validate79.evaluated = {
"items": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate77(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate77.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.id === void 0 && (missing0 = "id") || data.name === void 0 && (missing0 = "name") || data.like === void 0 && (missing0 = "like") || data.allergens === void 0 && (missing0 = "allergens") || data.note === void 0 && (missing0 = "note")) {
validate77.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!(key0 === "id" || key0 === "name" || key0 === "like" || key0 === "density" || key0 === "shrink" || key0 === "allergens" || key0 === "note")) {
validate77.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.id !== void 0) {
let data0 = data.id;
const _errs2 = errors;
if (errors === _errs2) {
if (typeof data0 === "string") {
if (!pattern4.test(data0)) {
validate77.errors = [{
instancePath: instancePath + "/id",
keyword: "pattern",
params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" }
}];
return false;
}
} else {
validate77.errors = [{
instancePath: instancePath + "/id",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.name !== void 0) {
let data1 = data.name;
const _errs4 = errors;
if (errors === _errs4) {
if (typeof data1 === "string") {
if (func2(data1) > 120) {
validate77.errors = [{
instancePath: instancePath + "/name",
keyword: "maxLength",
params: { limit: 120 }
}];
return false;
} else if (func2(data1) < 1) {
validate77.errors = [{
instancePath: instancePath + "/name",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate77.errors = [{
instancePath: instancePath + "/name",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs4 === errors;
} else var valid0 = true;
if (valid0) {
if (data.like !== void 0) {
const _errs6 = errors;
if (!validate75(data.like, {
instancePath: instancePath + "/like",
parentData: data,
parentDataProperty: "like",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate75.errors : vErrors.concat(validate75.errors);
errors = vErrors.length;
}
var valid0 = _errs6 === errors;
} else var valid0 = true;
if (valid0) {
if (data.density !== void 0) {
let data3 = data.density;
const _errs7 = errors;
if (errors === _errs7) {
if (typeof data3 == "number" && isFinite(data3)) {
if (data3 > 1.7 || isNaN(data3)) {
validate77.errors = [{
instancePath: instancePath + "/density",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1.7
}
}];
return false;
} else if (data3 < .1 || isNaN(data3)) {
validate77.errors = [{
instancePath: instancePath + "/density",
keyword: "minimum",
params: {
comparison: ">=",
limit: .1
}
}];
return false;
}
} else {
validate77.errors = [{
instancePath: instancePath + "/density",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs7 === errors;
} else var valid0 = true;
if (valid0) {
if (data.shrink !== void 0) {
let data4 = data.shrink;
const _errs9 = errors;
if (errors === _errs9) {
if (typeof data4 == "number" && isFinite(data4)) {
if (data4 > 10 || isNaN(data4)) {
validate77.errors = [{
instancePath: instancePath + "/shrink",
keyword: "maximum",
params: {
comparison: "<=",
limit: 10
}
}];
return false;
} else if (data4 < 0 || isNaN(data4)) {
validate77.errors = [{
instancePath: instancePath + "/shrink",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate77.errors = [{
instancePath: instancePath + "/shrink",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs9 === errors;
} else var valid0 = true;
if (valid0) {
if (data.allergens !== void 0) {
const _errs11 = errors;
if (!validate79(data.allergens, {
instancePath: instancePath + "/allergens",
parentData: data,
parentDataProperty: "allergens",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate79.errors : vErrors.concat(validate79.errors);
errors = vErrors.length;
}
var valid0 = _errs11 === errors;
} else var valid0 = true;
if (valid0) {
if (data.note !== void 0) {
let data6 = data.note;
const _errs12 = errors;
if (errors === _errs12) {
if (typeof data6 === "string") {
if (func2(data6) > 1e3) {
validate77.errors = [{
instancePath: instancePath + "/note",
keyword: "maxLength",
params: { limit: 1e3 }
}];
return false;
}
} else {
validate77.errors = [{
instancePath: instancePath + "/note",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs12 === errors;
} else var valid0 = true;
}
}
}
}
}
}
}
}
} else {
validate77.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate77.errors = vErrors;
return errors === 0;
}
validate77.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate74(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate74.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.id === void 0 && (missing0 = "id") || data.name === void 0 && (missing0 = "name") || data.base === void 0 && (missing0 = "base") || data.gumPaste === void 0 && (missing0 = "gumPaste") || data.powder === void 0 && (missing0 = "powder")) {
validate74.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!func1.call(schema29.properties, key0)) {
validate74.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.id !== void 0) {
let data0 = data.id;
const _errs2 = errors;
if (errors === _errs2) {
if (typeof data0 === "string") {
if (!pattern4.test(data0)) {
validate74.errors = [{
instancePath: instancePath + "/id",
keyword: "pattern",
params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" }
}];
return false;
}
} else {
validate74.errors = [{
instancePath: instancePath + "/id",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.name !== void 0) {
let data1 = data.name;
const _errs4 = errors;
if (errors === _errs4) {
if (typeof data1 === "string") {
if (func2(data1) > 120) {
validate74.errors = [{
instancePath: instancePath + "/name",
keyword: "maxLength",
params: { limit: 120 }
}];
return false;
} else if (func2(data1) < 1) {
validate74.errors = [{
instancePath: instancePath + "/name",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate74.errors = [{
instancePath: instancePath + "/name",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs4 === errors;
} else var valid0 = true;
if (valid0) {
if (data.base !== void 0) {
const _errs6 = errors;
if (!validate75(data.base, {
instancePath: instancePath + "/base",
parentData: data,
parentDataProperty: "base",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate75.errors : vErrors.concat(validate75.errors);
errors = vErrors.length;
}
var valid0 = _errs6 === errors;
} else var valid0 = true;
if (valid0) {
if (data.gumPaste !== void 0) {
let data3 = data.gumPaste;
const _errs7 = errors;
if (errors === _errs7) {
if (typeof data3 == "number" && isFinite(data3)) {
if (data3 > 100 || isNaN(data3)) {
validate74.errors = [{
instancePath: instancePath + "/gumPaste",
keyword: "maximum",
params: {
comparison: "<=",
limit: 100
}
}];
return false;
} else if (data3 < 0 || isNaN(data3)) {
validate74.errors = [{
instancePath: instancePath + "/gumPaste",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate74.errors = [{
instancePath: instancePath + "/gumPaste",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs7 === errors;
} else var valid0 = true;
if (valid0) {
if (data.powder !== void 0) {
let data4 = data.powder;
const _errs9 = errors;
if (errors === _errs9) {
if (typeof data4 == "number" && isFinite(data4)) {
if (data4 > 5 || isNaN(data4)) {
validate74.errors = [{
instancePath: instancePath + "/powder",
keyword: "maximum",
params: {
comparison: "<=",
limit: 5
}
}];
return false;
} else if (data4 < 0 || isNaN(data4)) {
validate74.errors = [{
instancePath: instancePath + "/powder",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate74.errors = [{
instancePath: instancePath + "/powder",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs9 === errors;
} else var valid0 = true;
if (valid0) {
if (data.ratio !== void 0) {
let data5 = data.ratio;
const _errs11 = errors;
if (errors === _errs11) {
if (typeof data5 == "number" && isFinite(data5)) {
if (data5 > 8 || isNaN(data5)) {
validate74.errors = [{
instancePath: instancePath + "/ratio",
keyword: "maximum",
params: {
comparison: "<=",
limit: 8
}
}];
return false;
} else if (data5 < 1 || isNaN(data5)) {
validate74.errors = [{
instancePath: instancePath + "/ratio",
keyword: "minimum",
params: {
comparison: ">=",
limit: 1
}
}];
return false;
}
} else {
validate74.errors = [{
instancePath: instancePath + "/ratio",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs11 === errors;
} else var valid0 = true;
if (valid0) {
if (data.density !== void 0) {
let data6 = data.density;
const _errs13 = errors;
if (errors === _errs13) {
if (typeof data6 == "number" && isFinite(data6)) {
if (data6 > 1.7 || isNaN(data6)) {
validate74.errors = [{
instancePath: instancePath + "/density",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1.7
}
}];
return false;
} else if (data6 < .1 || isNaN(data6)) {
validate74.errors = [{
instancePath: instancePath + "/density",
keyword: "minimum",
params: {
comparison: ">=",
limit: .1
}
}];
return false;
}
} else {
validate74.errors = [{
instancePath: instancePath + "/density",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs13 === errors;
} else var valid0 = true;
if (valid0) {
if (data.shrink !== void 0) {
let data7 = data.shrink;
const _errs15 = errors;
if (errors === _errs15) {
if (typeof data7 == "number" && isFinite(data7)) {
if (data7 > 10 || isNaN(data7)) {
validate74.errors = [{
instancePath: instancePath + "/shrink",
keyword: "maximum",
params: {
comparison: "<=",
limit: 10
}
}];
return false;
} else if (data7 < 0 || isNaN(data7)) {
validate74.errors = [{
instancePath: instancePath + "/shrink",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate74.errors = [{
instancePath: instancePath + "/shrink",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs15 === errors;
} else var valid0 = true;
if (valid0) {
if (data.job !== void 0) {
let data8 = data.job;
const _errs17 = errors;
if (typeof data8 !== "string") {
validate74.errors = [{
instancePath: instancePath + "/job",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data8 === "pose" || data8 === "carry" || data8 === "carve" || data8 === "flex" || data8 === "fingers")) {
validate74.errors = [{
instancePath: instancePath + "/job",
keyword: "enum",
params: { allowedValues: schema29.properties.job.enum }
}];
return false;
}
var valid0 = _errs17 === errors;
} else var valid0 = true;
if (valid0) {
if (data.own !== void 0) {
const _errs19 = errors;
if (!validate77(data.own, {
instancePath: instancePath + "/own",
parentData: data,
parentDataProperty: "own",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate77.errors : vErrors.concat(validate77.errors);
errors = vErrors.length;
}
var valid0 = _errs19 === errors;
} else var valid0 = true;
}
}
}
}
}
}
}
}
}
}
}
} else {
validate74.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate74.errors = vErrors;
return errors === 0;
}
validate74.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate73(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate73.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (Array.isArray(data)) {
if (data.length > 60) {
validate73.errors = [{
instancePath,
keyword: "maxItems",
params: { limit: 60 }
}];
return false;
} else if (data.length < 1) {
validate73.errors = [{
instancePath,
keyword: "minItems",
params: { limit: 1 }
}];
return false;
} else {
const len0 = data.length;
for (let i0 = 0; i0 < len0; i0++) {
const _errs1 = errors;
if (!validate74(data[i0], {
instancePath: instancePath + "/" + i0,
parentData: data,
parentDataProperty: i0,
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate74.errors : vErrors.concat(validate74.errors);
errors = vErrors.length;
}
if (!(_errs1 === errors)) break;
}
}
} else {
validate73.errors = [{
instancePath,
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
validate73.errors = vErrors;
return errors === 0;
}
validate73.evaluated = {
"items": true,
"dynamicProps": false,
"dynamicItems": false
};
const pattern10 = /* @__PURE__ */ new RegExp("^#[0-9a-fA-F]{6}$", "u");
const schema36 = {
"additionalProperties": false,
"type": "object",
"required": [
"name",
"kind",
"depth"
],
"properties": {
"name": {
"maxLength": 120,
"minLength": 1,
"type": "string"
},
"kind": {
"type": "string",
"enum": [
"gel",
"liquid",
"oil",
"powder"
]
},
"depth": {
"type": "string",
"enum": [
"pale",
"soft",
"middle",
"strong",
"deep"
]
},
"per100": {
"type": "number",
"minimum": .01,
"maximum": 200
},
"took": {
"additionalProperties": false,
"type": "object",
"required": [
"amount",
"grams",
"base"
],
"properties": {
"amount": {
"type": "number",
"minimum": .01,
"maximum": 1e4
},
"grams": {
"type": "number",
"minimum": 1,
"maximum": 1e5
},
"base": {
"maxLength": 40,
"minLength": 1,
"type": "string"
}
}
}
}
};
function validate87(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate87.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.name === void 0 && (missing0 = "name") || data.kind === void 0 && (missing0 = "kind") || data.depth === void 0 && (missing0 = "depth")) {
validate87.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
for (const key0 in data) if (!(key0 === "name" || key0 === "kind" || key0 === "depth" || key0 === "per100" || key0 === "took")) {
validate87.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (data.name !== void 0) {
let data0 = data.name;
if (typeof data0 === "string") {
if (func2(data0) > 120) {
validate87.errors = [{
instancePath: instancePath + "/name",
keyword: "maxLength",
params: { limit: 120 }
}];
return false;
} else if (func2(data0) < 1) {
validate87.errors = [{
instancePath: instancePath + "/name",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate87.errors = [{
instancePath: instancePath + "/name",
keyword: "type",
params: { type: "string" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.kind !== void 0) {
let data1 = data.kind;
if (typeof data1 !== "string") {
validate87.errors = [{
instancePath: instancePath + "/kind",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data1 === "gel" || data1 === "liquid" || data1 === "oil" || data1 === "powder")) {
validate87.errors = [{
instancePath: instancePath + "/kind",
keyword: "enum",
params: { allowedValues: schema36.properties.kind.enum }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.depth !== void 0) {
let data2 = data.depth;
if (typeof data2 !== "string") {
validate87.errors = [{
instancePath: instancePath + "/depth",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data2 === "pale" || data2 === "soft" || data2 === "middle" || data2 === "strong" || data2 === "deep")) {
validate87.errors = [{
instancePath: instancePath + "/depth",
keyword: "enum",
params: { allowedValues: schema36.properties.depth.enum }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.per100 !== void 0) {
let data3 = data.per100;
if (typeof data3 == "number" && isFinite(data3)) {
if (data3 > 200 || isNaN(data3)) {
validate87.errors = [{
instancePath: instancePath + "/per100",
keyword: "maximum",
params: {
comparison: "<=",
limit: 200
}
}];
return false;
} else if (data3 < .01 || isNaN(data3)) {
validate87.errors = [{
instancePath: instancePath + "/per100",
keyword: "minimum",
params: {
comparison: ">=",
limit: .01
}
}];
return false;
}
} else {
validate87.errors = [{
instancePath: instancePath + "/per100",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.took !== void 0) {
let data4 = data.took;
if (data4 && typeof data4 == "object" && !Array.isArray(data4)) {
let missing1;
if (data4.amount === void 0 && (missing1 = "amount") || data4.grams === void 0 && (missing1 = "grams") || data4.base === void 0 && (missing1 = "base")) {
validate87.errors = [{
instancePath: instancePath + "/took",
keyword: "required",
params: { missingProperty: missing1 }
}];
return false;
} else {
for (const key1 in data4) if (!(key1 === "amount" || key1 === "grams" || key1 === "base")) {
validate87.errors = [{
instancePath: instancePath + "/took",
keyword: "additionalProperties",
params: { additionalProperty: key1 }
}];
return false;
}
if (data4.amount !== void 0) {
let data5 = data4.amount;
if (typeof data5 == "number" && isFinite(data5)) {
if (data5 > 1e4 || isNaN(data5)) {
validate87.errors = [{
instancePath: instancePath + "/took/amount",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1e4
}
}];
return false;
} else if (data5 < .01 || isNaN(data5)) {
validate87.errors = [{
instancePath: instancePath + "/took/amount",
keyword: "minimum",
params: {
comparison: ">=",
limit: .01
}
}];
return false;
}
} else {
validate87.errors = [{
instancePath: instancePath + "/took/amount",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid1 = true;
} else var valid1 = true;
if (valid1) {
if (data4.grams !== void 0) {
let data6 = data4.grams;
if (typeof data6 == "number" && isFinite(data6)) {
if (data6 > 1e5 || isNaN(data6)) {
validate87.errors = [{
instancePath: instancePath + "/took/grams",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1e5
}
}];
return false;
} else if (data6 < 1 || isNaN(data6)) {
validate87.errors = [{
instancePath: instancePath + "/took/grams",
keyword: "minimum",
params: {
comparison: ">=",
limit: 1
}
}];
return false;
}
} else {
validate87.errors = [{
instancePath: instancePath + "/took/grams",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid1 = true;
} else var valid1 = true;
if (valid1) {
if (data4.base !== void 0) {
let data7 = data4.base;
if (typeof data7 === "string") {
if (func2(data7) > 40) {
validate87.errors = [{
instancePath: instancePath + "/took/base",
keyword: "maxLength",
params: { limit: 40 }
}];
return false;
} else if (func2(data7) < 1) {
validate87.errors = [{
instancePath: instancePath + "/took/base",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate87.errors = [{
instancePath: instancePath + "/took/base",
keyword: "type",
params: { type: "string" }
}];
return false;
}
var valid1 = true;
} else var valid1 = true;
}
}
}
} else {
validate87.errors = [{
instancePath: instancePath + "/took",
keyword: "type",
params: { type: "object" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
}
}
}
}
}
} else {
validate87.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
validate87.errors = vErrors;
return true;
}
validate87.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate86(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate86.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (Array.isArray(data)) {
if (data.length > 4) {
validate86.errors = [{
instancePath,
keyword: "maxItems",
params: { limit: 4 }
}];
return false;
} else if (data.length < 1) {
validate86.errors = [{
instancePath,
keyword: "minItems",
params: { limit: 1 }
}];
return false;
} else {
const len0 = data.length;
for (let i0 = 0; i0 < len0; i0++) {
const _errs1 = errors;
if (!validate87(data[i0], {
instancePath: instancePath + "/" + i0,
parentData: data,
parentDataProperty: i0,
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate87.errors : vErrors.concat(validate87.errors);
errors = vErrors.length;
}
if (!(_errs1 === errors)) break;
}
}
} else {
validate86.errors = [{
instancePath,
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
validate86.errors = vErrors;
return errors === 0;
}
validate86.evaluated = {
"items": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate85(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate85.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.id === void 0 && (missing0 = "id") || data.name === void 0 && (missing0 = "name") || data.hex === void 0 && (missing0 = "hex")) {
validate85.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!(key0 === "id" || key0 === "name" || key0 === "hex" || key0 === "pots")) {
validate85.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.id !== void 0) {
let data0 = data.id;
const _errs2 = errors;
if (errors === _errs2) {
if (typeof data0 === "string") {
if (!pattern4.test(data0)) {
validate85.errors = [{
instancePath: instancePath + "/id",
keyword: "pattern",
params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" }
}];
return false;
}
} else {
validate85.errors = [{
instancePath: instancePath + "/id",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.name !== void 0) {
let data1 = data.name;
const _errs4 = errors;
if (errors === _errs4) {
if (typeof data1 === "string") {
if (func2(data1) > 120) {
validate85.errors = [{
instancePath: instancePath + "/name",
keyword: "maxLength",
params: { limit: 120 }
}];
return false;
} else if (func2(data1) < 1) {
validate85.errors = [{
instancePath: instancePath + "/name",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate85.errors = [{
instancePath: instancePath + "/name",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs4 === errors;
} else var valid0 = true;
if (valid0) {
if (data.hex !== void 0) {
let data2 = data.hex;
const _errs6 = errors;
if (errors === _errs6) {
if (typeof data2 === "string") {
if (!pattern10.test(data2)) {
validate85.errors = [{
instancePath: instancePath + "/hex",
keyword: "pattern",
params: { pattern: "^#[0-9a-fA-F]{6}$" }
}];
return false;
}
} else {
validate85.errors = [{
instancePath: instancePath + "/hex",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs6 === errors;
} else var valid0 = true;
if (valid0) {
if (data.pots !== void 0) {
const _errs8 = errors;
if (!validate86(data.pots, {
instancePath: instancePath + "/pots",
parentData: data,
parentDataProperty: "pots",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate86.errors : vErrors.concat(validate86.errors);
errors = vErrors.length;
}
var valid0 = _errs8 === errors;
} else var valid0 = true;
}
}
}
}
}
} else {
validate85.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate85.errors = vErrors;
return errors === 0;
}
validate85.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate84(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate84.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (Array.isArray(data)) {
if (data.length > 200) {
validate84.errors = [{
instancePath,
keyword: "maxItems",
params: { limit: 200 }
}];
return false;
} else if (data.length < 1) {
validate84.errors = [{
instancePath,
keyword: "minItems",
params: { limit: 1 }
}];
return false;
} else {
const len0 = data.length;
for (let i0 = 0; i0 < len0; i0++) {
const _errs1 = errors;
if (!validate85(data[i0], {
instancePath: instancePath + "/" + i0,
parentData: data,
parentDataProperty: i0,
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate85.errors : vErrors.concat(validate85.errors);
errors = vErrors.length;
}
if (!(_errs1 === errors)) break;
}
}
} else {
validate84.errors = [{
instancePath,
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
validate84.errors = vErrors;
return errors === 0;
}
validate84.evaluated = {
"items": true,
"dynamicProps": false,
"dynamicItems": false
};
const schema38 = {
"additionalProperties": false,
"type": "object",
"required": [
"id",
"name",
"form",
"blend",
"colour",
"seat",
"pair",
"count",
"texture",
"core",
"tolerance",
"hidden",
"breaks"
],
"properties": {
"id": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"name": {
"maxLength": 120,
"minLength": 1,
"type": "string"
},
"form": { "$ref": "#/$defs/record20" },
"blend": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"colour": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"seat": { "$ref": "#/$defs/record22" },
"pair": { "type": "boolean" },
"count": {
"type": "integer",
"minimum": 1,
"maximum": 500
},
"texture": {
"type": "string",
"enum": [
"none",
"fur",
"feathers",
"veins",
"wood",
"creases",
"stitches",
"stipple",
"knit",
"bark",
"dimples"
]
},
"core": {
"type": "string",
"enum": [
"foam",
"cereal",
"cake"
]
},
"tolerance": {
"type": "string",
"enum": [
"equal",
"mirrored",
"varied",
"hidden"
]
},
"hidden": {
"type": "string",
"enum": [
"none",
"under",
"back",
"front",
"left",
"right",
"top"
]
},
"breaks": {
"type": "number",
"minimum": 0,
"maximum": 60
},
"glue": {
"type": "string",
"enum": [
"press",
"water",
"sugarGlue",
"gumGlue",
"thickPasteGlue",
"spirit",
"pipingGel",
"shortening",
"buttercream",
"jam",
"royalIcing",
"meltedChocolate"
]
},
"built": {
"type": "string",
"enum": [
"there",
"dummy",
"foam"
]
},
"join": {
"type": "string",
"enum": [
"stood",
"pressed",
"posed",
"socket",
"round",
"slid",
"firm",
"iced",
"hung",
"loose",
"threaded"
]
},
"propped": {
"const": true,
"type": "boolean"
},
"of": {
"maxLength": 120,
"minLength": 1,
"type": "string"
},
"template": {
"type": "string",
"enum": [
"cut",
"drawn",
"carve",
"recess",
"lining",
"wrap",
"prick",
"transfer",
"none"
]
},
"cover": {
"type": "string",
"enum": [
"gathered",
"draped",
"tucked",
"panels",
"eased"
]
},
"halves": {
"const": true,
"type": "boolean"
},
"continues": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"rests": {
"maxItems": 6,
"minItems": 1,
"type": "array",
"items": {
"additionalProperties": false,
"type": "object",
"required": ["place", "hours"],
"properties": {
"place": {
"type": "string",
"enum": [
"room",
"fan",
"box",
"fridge",
"freezer",
"bag"
]
},
"hours": {
"type": "number",
"minimum": .1,
"maximum": 200
}
}
}
}
}
};
const schema39 = {
"additionalProperties": false,
"type": "object",
"required": ["kind", "sizes"],
"properties": {
"kind": {
"type": "string",
"enum": [
"ball",
"ellipsoid",
"egg",
"teardrop",
"cone",
"truncatedCone",
"dome",
"disc",
"roundedBlock",
"rope",
"taperedRope",
"skinOverBall",
"bentRope",
"ring",
"paddleHand",
"sheet",
"strip",
"ruffle",
"flounce",
"scales",
"strands",
"pearls",
"stitches",
"lathe",
"traced",
"imported"
]
},
"sizes": {
"type": "object",
"additionalProperties": { "type": "number" },
"maxProperties": 12
},
"outline": {
"type": "string",
"enum": [
"rectangle",
"oval",
"leaf",
"triangle",
"wedge",
"heart"
]
},
"curves": {
"type": "object",
"patternProperties": { "^(edge|front|side|profile|hole[1-9])$": {
"maxItems": 200,
"minItems": 2,
"type": "array",
"items": {
"maxItems": 3,
"minItems": 2,
"type": "array",
"items": {
"type": "number",
"minimum": -4,
"maximum": 4
}
}
} },
"additionalProperties": false
},
"coat": {
"additionalProperties": false,
"type": "object",
"required": ["thickness", "under"],
"properties": {
"thickness": {
"type": "number",
"minimum": .3,
"maximum": 80
},
"under": { "type": "boolean" }
}
},
"solid": { "$ref": "#/$defs/record21" }
}
};
const pattern12 = /* @__PURE__ */ new RegExp("^(edge|front|side|profile|hole[1-9])$", "u");
function validate95(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate95.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.name === void 0 && (missing0 = "name") || data.corners === void 0 && (missing0 = "corners") || data.faces === void 0 && (missing0 = "faces") || data.fills === void 0 && (missing0 = "fills") || data.centre === void 0 && (missing0 = "centre") || data.watertight === void 0 && (missing0 = "watertight")) {
validate95.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
for (const key0 in data) if (!(key0 === "name" || key0 === "corners" || key0 === "faces" || key0 === "fills" || key0 === "centre" || key0 === "watertight")) {
validate95.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (data.name !== void 0) {
let data0 = data.name;
if (typeof data0 === "string") {
if (func2(data0) > 120) {
validate95.errors = [{
instancePath: instancePath + "/name",
keyword: "maxLength",
params: { limit: 120 }
}];
return false;
} else if (func2(data0) < 1) {
validate95.errors = [{
instancePath: instancePath + "/name",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate95.errors = [{
instancePath: instancePath + "/name",
keyword: "type",
params: { type: "string" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.corners !== void 0) {
let data1 = data.corners;
if (Array.isArray(data1)) {
if (data1.length > 6e4) {
validate95.errors = [{
instancePath: instancePath + "/corners",
keyword: "maxItems",
params: { limit: 6e4 }
}];
return false;
} else if (data1.length < 12) {
validate95.errors = [{
instancePath: instancePath + "/corners",
keyword: "minItems",
params: { limit: 12 }
}];
return false;
} else {
const len0 = data1.length;
for (let i0 = 0; i0 < len0; i0++) {
let data2 = data1[i0];
if (!(typeof data2 == "number" && !(data2 % 1) && !isNaN(data2) && isFinite(data2))) {
validate95.errors = [{
instancePath: instancePath + "/corners/" + i0,
keyword: "type",
params: { type: "integer" }
}];
return false;
}
if (typeof data2 == "number" && isFinite(data2)) {
if (data2 > 1e4 || isNaN(data2)) {
validate95.errors = [{
instancePath: instancePath + "/corners/" + i0,
keyword: "maximum",
params: {
comparison: "<=",
limit: 1e4
}
}];
return false;
} else if (data2 < 0 || isNaN(data2)) {
validate95.errors = [{
instancePath: instancePath + "/corners/" + i0,
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
}
}
}
} else {
validate95.errors = [{
instancePath: instancePath + "/corners",
keyword: "type",
params: { type: "array" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.faces !== void 0) {
let data3 = data.faces;
if (Array.isArray(data3)) {
if (data3.length > 6e4) {
validate95.errors = [{
instancePath: instancePath + "/faces",
keyword: "maxItems",
params: { limit: 6e4 }
}];
return false;
} else if (data3.length < 12) {
validate95.errors = [{
instancePath: instancePath + "/faces",
keyword: "minItems",
params: { limit: 12 }
}];
return false;
} else {
const len1 = data3.length;
for (let i1 = 0; i1 < len1; i1++) {
let data4 = data3[i1];
if (!(typeof data4 == "number" && !(data4 % 1) && !isNaN(data4) && isFinite(data4))) {
validate95.errors = [{
instancePath: instancePath + "/faces/" + i1,
keyword: "type",
params: { type: "integer" }
}];
return false;
}
if (typeof data4 == "number" && isFinite(data4)) {
if (data4 > 2e4 || isNaN(data4)) {
validate95.errors = [{
instancePath: instancePath + "/faces/" + i1,
keyword: "maximum",
params: {
comparison: "<=",
limit: 2e4
}
}];
return false;
} else if (data4 < 0 || isNaN(data4)) {
validate95.errors = [{
instancePath: instancePath + "/faces/" + i1,
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
}
}
}
} else {
validate95.errors = [{
instancePath: instancePath + "/faces",
keyword: "type",
params: { type: "array" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.fills !== void 0) {
let data5 = data.fills;
if (typeof data5 == "number" && isFinite(data5)) {
if (data5 > 1 || isNaN(data5)) {
validate95.errors = [{
instancePath: instancePath + "/fills",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1
}
}];
return false;
} else if (data5 < 0 || isNaN(data5)) {
validate95.errors = [{
instancePath: instancePath + "/fills",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate95.errors = [{
instancePath: instancePath + "/fills",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.centre !== void 0) {
let data6 = data.centre;
if (Array.isArray(data6)) {
if (data6.length > 3) {
validate95.errors = [{
instancePath: instancePath + "/centre",
keyword: "maxItems",
params: { limit: 3 }
}];
return false;
} else if (data6.length < 3) {
validate95.errors = [{
instancePath: instancePath + "/centre",
keyword: "minItems",
params: { limit: 3 }
}];
return false;
} else {
const len2 = data6.length;
for (let i2 = 0; i2 < len2; i2++) {
let data7 = data6[i2];
if (typeof data7 == "number" && isFinite(data7)) {
if (data7 > 2 || isNaN(data7)) {
validate95.errors = [{
instancePath: instancePath + "/centre/" + i2,
keyword: "maximum",
params: {
comparison: "<=",
limit: 2
}
}];
return false;
} else if (data7 < -1 || isNaN(data7)) {
validate95.errors = [{
instancePath: instancePath + "/centre/" + i2,
keyword: "minimum",
params: {
comparison: ">=",
limit: -1
}
}];
return false;
}
} else {
validate95.errors = [{
instancePath: instancePath + "/centre/" + i2,
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
}
} else {
validate95.errors = [{
instancePath: instancePath + "/centre",
keyword: "type",
params: { type: "array" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.watertight !== void 0) {
if (typeof data.watertight !== "boolean") {
validate95.errors = [{
instancePath: instancePath + "/watertight",
keyword: "type",
params: { type: "boolean" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
}
}
}
}
}
}
} else {
validate95.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
validate95.errors = vErrors;
return true;
}
validate95.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate94(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate94.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.kind === void 0 && (missing0 = "kind") || data.sizes === void 0 && (missing0 = "sizes")) {
validate94.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!(key0 === "kind" || key0 === "sizes" || key0 === "outline" || key0 === "curves" || key0 === "coat" || key0 === "solid")) {
validate94.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.kind !== void 0) {
let data0 = data.kind;
const _errs2 = errors;
if (typeof data0 !== "string") {
validate94.errors = [{
instancePath: instancePath + "/kind",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data0 === "ball" || data0 === "ellipsoid" || data0 === "egg" || data0 === "teardrop" || data0 === "cone" || data0 === "truncatedCone" || data0 === "dome" || data0 === "disc" || data0 === "roundedBlock" || data0 === "rope" || data0 === "taperedRope" || data0 === "skinOverBall" || data0 === "bentRope" || data0 === "ring" || data0 === "paddleHand" || data0 === "sheet" || data0 === "strip" || data0 === "ruffle" || data0 === "flounce" || data0 === "scales" || data0 === "strands" || data0 === "pearls" || data0 === "stitches" || data0 === "lathe" || data0 === "traced" || data0 === "imported")) {
validate94.errors = [{
instancePath: instancePath + "/kind",
keyword: "enum",
params: { allowedValues: schema39.properties.kind.enum }
}];
return false;
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.sizes !== void 0) {
let data1 = data.sizes;
const _errs4 = errors;
if (errors === _errs4) {
if (data1 && typeof data1 == "object" && !Array.isArray(data1)) {
if (Object.keys(data1).length > 12) {
validate94.errors = [{
instancePath: instancePath + "/sizes",
keyword: "maxProperties",
params: { limit: 12 }
}];
return false;
} else for (const key1 in data1) {
let data2 = data1[key1];
const _errs7 = errors;
if (!(typeof data2 == "number" && isFinite(data2))) {
validate94.errors = [{
instancePath: instancePath + "/sizes/" + key1.replace(/~/g, "~0").replace(/\//g, "~1"),
keyword: "type",
params: { type: "number" }
}];
return false;
}
if (!(_errs7 === errors)) break;
}
} else {
validate94.errors = [{
instancePath: instancePath + "/sizes",
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
var valid0 = _errs4 === errors;
} else var valid0 = true;
if (valid0) {
if (data.outline !== void 0) {
let data3 = data.outline;
const _errs9 = errors;
if (typeof data3 !== "string") {
validate94.errors = [{
instancePath: instancePath + "/outline",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data3 === "rectangle" || data3 === "oval" || data3 === "leaf" || data3 === "triangle" || data3 === "wedge" || data3 === "heart")) {
validate94.errors = [{
instancePath: instancePath + "/outline",
keyword: "enum",
params: { allowedValues: schema39.properties.outline.enum }
}];
return false;
}
var valid0 = _errs9 === errors;
} else var valid0 = true;
if (valid0) {
if (data.curves !== void 0) {
let data4 = data.curves;
const _errs11 = errors;
if (errors === _errs11) {
if (data4 && typeof data4 == "object" && !Array.isArray(data4)) {
const _errs13 = errors;
for (const key2 in data4) if (!pattern12.test(key2)) {
validate94.errors = [{
instancePath: instancePath + "/curves",
keyword: "additionalProperties",
params: { additionalProperty: key2 }
}];
return false;
}
if (_errs13 === errors) {
for (const key3 in data4) if (pattern12.test(key3)) {
let data5 = data4[key3];
const _errs14 = errors;
if (errors === _errs14) {
if (Array.isArray(data5)) {
if (data5.length > 200) {
validate94.errors = [{
instancePath: instancePath + "/curves/" + key3.replace(/~/g, "~0").replace(/\//g, "~1"),
keyword: "maxItems",
params: { limit: 200 }
}];
return false;
} else if (data5.length < 2) {
validate94.errors = [{
instancePath: instancePath + "/curves/" + key3.replace(/~/g, "~0").replace(/\//g, "~1"),
keyword: "minItems",
params: { limit: 2 }
}];
return false;
} else {
const len0 = data5.length;
for (let i0 = 0; i0 < len0; i0++) {
let data6 = data5[i0];
const _errs16 = errors;
if (errors === _errs16) {
if (Array.isArray(data6)) {
if (data6.length > 3) {
validate94.errors = [{
instancePath: instancePath + "/curves/" + key3.replace(/~/g, "~0").replace(/\//g, "~1") + "/" + i0,
keyword: "maxItems",
params: { limit: 3 }
}];
return false;
} else if (data6.length < 2) {
validate94.errors = [{
instancePath: instancePath + "/curves/" + key3.replace(/~/g, "~0").replace(/\//g, "~1") + "/" + i0,
keyword: "minItems",
params: { limit: 2 }
}];
return false;
} else {
const len1 = data6.length;
for (let i1 = 0; i1 < len1; i1++) {
let data7 = data6[i1];
const _errs18 = errors;
if (errors === _errs18) {
if (typeof data7 == "number" && isFinite(data7)) {
if (data7 > 4 || isNaN(data7)) {
validate94.errors = [{
instancePath: instancePath + "/curves/" + key3.replace(/~/g, "~0").replace(/\//g, "~1") + "/" + i0 + "/" + i1,
keyword: "maximum",
params: {
comparison: "<=",
limit: 4
}
}];
return false;
} else if (data7 < -4 || isNaN(data7)) {
validate94.errors = [{
instancePath: instancePath + "/curves/" + key3.replace(/~/g, "~0").replace(/\//g, "~1") + "/" + i0 + "/" + i1,
keyword: "minimum",
params: {
comparison: ">=",
limit: -4
}
}];
return false;
}
} else {
validate94.errors = [{
instancePath: instancePath + "/curves/" + key3.replace(/~/g, "~0").replace(/\//g, "~1") + "/" + i0 + "/" + i1,
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
if (!(_errs18 === errors)) break;
}
}
} else {
validate94.errors = [{
instancePath: instancePath + "/curves/" + key3.replace(/~/g, "~0").replace(/\//g, "~1") + "/" + i0,
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
if (!(_errs16 === errors)) break;
}
}
} else {
validate94.errors = [{
instancePath: instancePath + "/curves/" + key3.replace(/~/g, "~0").replace(/\//g, "~1"),
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
if (!(_errs14 === errors)) break;
}
}
} else {
validate94.errors = [{
instancePath: instancePath + "/curves",
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
var valid0 = _errs11 === errors;
} else var valid0 = true;
if (valid0) {
if (data.coat !== void 0) {
let data8 = data.coat;
const _errs20 = errors;
if (errors === _errs20) {
if (data8 && typeof data8 == "object" && !Array.isArray(data8)) {
let missing1;
if (data8.thickness === void 0 && (missing1 = "thickness") || data8.under === void 0 && (missing1 = "under")) {
validate94.errors = [{
instancePath: instancePath + "/coat",
keyword: "required",
params: { missingProperty: missing1 }
}];
return false;
} else {
const _errs22 = errors;
for (const key4 in data8) if (!(key4 === "thickness" || key4 === "under")) {
validate94.errors = [{
instancePath: instancePath + "/coat",
keyword: "additionalProperties",
params: { additionalProperty: key4 }
}];
return false;
}
if (_errs22 === errors) {
if (data8.thickness !== void 0) {
let data9 = data8.thickness;
const _errs23 = errors;
if (errors === _errs23) {
if (typeof data9 == "number" && isFinite(data9)) {
if (data9 > 80 || isNaN(data9)) {
validate94.errors = [{
instancePath: instancePath + "/coat/thickness",
keyword: "maximum",
params: {
comparison: "<=",
limit: 80
}
}];
return false;
} else if (data9 < .3 || isNaN(data9)) {
validate94.errors = [{
instancePath: instancePath + "/coat/thickness",
keyword: "minimum",
params: {
comparison: ">=",
limit: .3
}
}];
return false;
}
} else {
validate94.errors = [{
instancePath: instancePath + "/coat/thickness",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid5 = _errs23 === errors;
} else var valid5 = true;
if (valid5) {
if (data8.under !== void 0) {
const _errs25 = errors;
if (typeof data8.under !== "boolean") {
validate94.errors = [{
instancePath: instancePath + "/coat/under",
keyword: "type",
params: { type: "boolean" }
}];
return false;
}
var valid5 = _errs25 === errors;
} else var valid5 = true;
}
}
}
} else {
validate94.errors = [{
instancePath: instancePath + "/coat",
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
var valid0 = _errs20 === errors;
} else var valid0 = true;
if (valid0) {
if (data.solid !== void 0) {
const _errs27 = errors;
if (!validate95(data.solid, {
instancePath: instancePath + "/solid",
parentData: data,
parentDataProperty: "solid",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate95.errors : vErrors.concat(validate95.errors);
errors = vErrors.length;
}
var valid0 = _errs27 === errors;
} else var valid0 = true;
}
}
}
}
}
}
}
} else {
validate94.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate94.errors = vErrors;
return errors === 0;
}
validate94.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
const schema41 = {
"additionalProperties": false,
"type": "object",
"required": [
"on",
"at",
"lean",
"tip",
"turn",
"sink",
"how",
"overlap"
],
"properties": {
"on": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"at": { "$ref": "#/$defs/array23" },
"lean": {
"type": "number",
"minimum": -360,
"maximum": 360
},
"tip": {
"type": "number",
"minimum": -360,
"maximum": 360
},
"turn": {
"type": "number",
"minimum": -360,
"maximum": 360
},
"sink": {
"type": "number",
"minimum": -200,
"maximum": 500
},
"how": {
"type": "string",
"enum": [
"sits",
"set",
"hangs",
"wraps"
]
},
"overlap": {
"type": "string",
"enum": ["pressed", "trimmed"]
},
"disc": {
"additionalProperties": false,
"type": "object",
"required": ["of", "width"],
"properties": {
"of": {
"type": "string",
"enum": [
"card",
"foam",
"acrylic"
]
},
"width": {
"type": "number",
"minimum": 10,
"maximum": 600
}
}
}
}
};
function validate99(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate99.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (Array.isArray(data)) {
if (data.length > 3) {
validate99.errors = [{
instancePath,
keyword: "maxItems",
params: { limit: 3 }
}];
return false;
} else if (data.length < 3) {
validate99.errors = [{
instancePath,
keyword: "minItems",
params: { limit: 3 }
}];
return false;
} else {
const len0 = data.length;
for (let i0 = 0; i0 < len0; i0++) {
let data0 = data[i0];
if (typeof data0 == "number" && isFinite(data0)) {
if (data0 > 3e3 || isNaN(data0)) {
validate99.errors = [{
instancePath: instancePath + "/" + i0,
keyword: "maximum",
params: {
comparison: "<=",
limit: 3e3
}
}];
return false;
} else if (data0 < -3e3 || isNaN(data0)) {
validate99.errors = [{
instancePath: instancePath + "/" + i0,
keyword: "minimum",
params: {
comparison: ">=",
limit: -3e3
}
}];
return false;
}
} else {
validate99.errors = [{
instancePath: instancePath + "/" + i0,
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
}
} else {
validate99.errors = [{
instancePath,
keyword: "type",
params: { type: "array" }
}];
return false;
}
validate99.errors = vErrors;
return true;
}
validate99.evaluated = {
"items": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate98(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate98.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.on === void 0 && (missing0 = "on") || data.at === void 0 && (missing0 = "at") || data.lean === void 0 && (missing0 = "lean") || data.tip === void 0 && (missing0 = "tip") || data.turn === void 0 && (missing0 = "turn") || data.sink === void 0 && (missing0 = "sink") || data.how === void 0 && (missing0 = "how") || data.overlap === void 0 && (missing0 = "overlap")) {
validate98.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!func1.call(schema41.properties, key0)) {
validate98.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.on !== void 0) {
let data0 = data.on;
const _errs2 = errors;
if (errors === _errs2) {
if (typeof data0 === "string") {
if (!pattern4.test(data0)) {
validate98.errors = [{
instancePath: instancePath + "/on",
keyword: "pattern",
params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" }
}];
return false;
}
} else {
validate98.errors = [{
instancePath: instancePath + "/on",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.at !== void 0) {
const _errs4 = errors;
if (!validate99(data.at, {
instancePath: instancePath + "/at",
parentData: data,
parentDataProperty: "at",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate99.errors : vErrors.concat(validate99.errors);
errors = vErrors.length;
}
var valid0 = _errs4 === errors;
} else var valid0 = true;
if (valid0) {
if (data.lean !== void 0) {
let data2 = data.lean;
const _errs5 = errors;
if (errors === _errs5) {
if (typeof data2 == "number" && isFinite(data2)) {
if (data2 > 360 || isNaN(data2)) {
validate98.errors = [{
instancePath: instancePath + "/lean",
keyword: "maximum",
params: {
comparison: "<=",
limit: 360
}
}];
return false;
} else if (data2 < -360 || isNaN(data2)) {
validate98.errors = [{
instancePath: instancePath + "/lean",
keyword: "minimum",
params: {
comparison: ">=",
limit: -360
}
}];
return false;
}
} else {
validate98.errors = [{
instancePath: instancePath + "/lean",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs5 === errors;
} else var valid0 = true;
if (valid0) {
if (data.tip !== void 0) {
let data3 = data.tip;
const _errs7 = errors;
if (errors === _errs7) {
if (typeof data3 == "number" && isFinite(data3)) {
if (data3 > 360 || isNaN(data3)) {
validate98.errors = [{
instancePath: instancePath + "/tip",
keyword: "maximum",
params: {
comparison: "<=",
limit: 360
}
}];
return false;
} else if (data3 < -360 || isNaN(data3)) {
validate98.errors = [{
instancePath: instancePath + "/tip",
keyword: "minimum",
params: {
comparison: ">=",
limit: -360
}
}];
return false;
}
} else {
validate98.errors = [{
instancePath: instancePath + "/tip",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs7 === errors;
} else var valid0 = true;
if (valid0) {
if (data.turn !== void 0) {
let data4 = data.turn;
const _errs9 = errors;
if (errors === _errs9) {
if (typeof data4 == "number" && isFinite(data4)) {
if (data4 > 360 || isNaN(data4)) {
validate98.errors = [{
instancePath: instancePath + "/turn",
keyword: "maximum",
params: {
comparison: "<=",
limit: 360
}
}];
return false;
} else if (data4 < -360 || isNaN(data4)) {
validate98.errors = [{
instancePath: instancePath + "/turn",
keyword: "minimum",
params: {
comparison: ">=",
limit: -360
}
}];
return false;
}
} else {
validate98.errors = [{
instancePath: instancePath + "/turn",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs9 === errors;
} else var valid0 = true;
if (valid0) {
if (data.sink !== void 0) {
let data5 = data.sink;
const _errs11 = errors;
if (errors === _errs11) {
if (typeof data5 == "number" && isFinite(data5)) {
if (data5 > 500 || isNaN(data5)) {
validate98.errors = [{
instancePath: instancePath + "/sink",
keyword: "maximum",
params: {
comparison: "<=",
limit: 500
}
}];
return false;
} else if (data5 < -200 || isNaN(data5)) {
validate98.errors = [{
instancePath: instancePath + "/sink",
keyword: "minimum",
params: {
comparison: ">=",
limit: -200
}
}];
return false;
}
} else {
validate98.errors = [{
instancePath: instancePath + "/sink",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs11 === errors;
} else var valid0 = true;
if (valid0) {
if (data.how !== void 0) {
let data6 = data.how;
const _errs13 = errors;
if (typeof data6 !== "string") {
validate98.errors = [{
instancePath: instancePath + "/how",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data6 === "sits" || data6 === "set" || data6 === "hangs" || data6 === "wraps")) {
validate98.errors = [{
instancePath: instancePath + "/how",
keyword: "enum",
params: { allowedValues: schema41.properties.how.enum }
}];
return false;
}
var valid0 = _errs13 === errors;
} else var valid0 = true;
if (valid0) {
if (data.overlap !== void 0) {
let data7 = data.overlap;
const _errs15 = errors;
if (typeof data7 !== "string") {
validate98.errors = [{
instancePath: instancePath + "/overlap",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data7 === "pressed" || data7 === "trimmed")) {
validate98.errors = [{
instancePath: instancePath + "/overlap",
keyword: "enum",
params: { allowedValues: schema41.properties.overlap.enum }
}];
return false;
}
var valid0 = _errs15 === errors;
} else var valid0 = true;
if (valid0) {
if (data.disc !== void 0) {
let data8 = data.disc;
const _errs17 = errors;
if (errors === _errs17) {
if (data8 && typeof data8 == "object" && !Array.isArray(data8)) {
let missing1;
if (data8.of === void 0 && (missing1 = "of") || data8.width === void 0 && (missing1 = "width")) {
validate98.errors = [{
instancePath: instancePath + "/disc",
keyword: "required",
params: { missingProperty: missing1 }
}];
return false;
} else {
const _errs19 = errors;
for (const key1 in data8) if (!(key1 === "of" || key1 === "width")) {
validate98.errors = [{
instancePath: instancePath + "/disc",
keyword: "additionalProperties",
params: { additionalProperty: key1 }
}];
return false;
}
if (_errs19 === errors) {
if (data8.of !== void 0) {
let data9 = data8.of;
const _errs20 = errors;
if (typeof data9 !== "string") {
validate98.errors = [{
instancePath: instancePath + "/disc/of",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data9 === "card" || data9 === "foam" || data9 === "acrylic")) {
validate98.errors = [{
instancePath: instancePath + "/disc/of",
keyword: "enum",
params: { allowedValues: schema41.properties.disc.properties.of.enum }
}];
return false;
}
var valid1 = _errs20 === errors;
} else var valid1 = true;
if (valid1) {
if (data8.width !== void 0) {
let data10 = data8.width;
const _errs22 = errors;
if (errors === _errs22) {
if (typeof data10 == "number" && isFinite(data10)) {
if (data10 > 600 || isNaN(data10)) {
validate98.errors = [{
instancePath: instancePath + "/disc/width",
keyword: "maximum",
params: {
comparison: "<=",
limit: 600
}
}];
return false;
} else if (data10 < 10 || isNaN(data10)) {
validate98.errors = [{
instancePath: instancePath + "/disc/width",
keyword: "minimum",
params: {
comparison: ">=",
limit: 10
}
}];
return false;
}
} else {
validate98.errors = [{
instancePath: instancePath + "/disc/width",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid1 = _errs22 === errors;
} else var valid1 = true;
}
}
}
} else {
validate98.errors = [{
instancePath: instancePath + "/disc",
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
var valid0 = _errs17 === errors;
} else var valid0 = true;
}
}
}
}
}
}
}
}
}
}
} else {
validate98.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate98.errors = vErrors;
return errors === 0;
}
validate98.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate93(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate93.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.id === void 0 && (missing0 = "id") || data.name === void 0 && (missing0 = "name") || data.form === void 0 && (missing0 = "form") || data.blend === void 0 && (missing0 = "blend") || data.colour === void 0 && (missing0 = "colour") || data.seat === void 0 && (missing0 = "seat") || data.pair === void 0 && (missing0 = "pair") || data.count === void 0 && (missing0 = "count") || data.texture === void 0 && (missing0 = "texture") || data.core === void 0 && (missing0 = "core") || data.tolerance === void 0 && (missing0 = "tolerance") || data.hidden === void 0 && (missing0 = "hidden") || data.breaks === void 0 && (missing0 = "breaks")) {
validate93.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!func1.call(schema38.properties, key0)) {
validate93.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.id !== void 0) {
let data0 = data.id;
const _errs2 = errors;
if (errors === _errs2) {
if (typeof data0 === "string") {
if (!pattern4.test(data0)) {
validate93.errors = [{
instancePath: instancePath + "/id",
keyword: "pattern",
params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" }
}];
return false;
}
} else {
validate93.errors = [{
instancePath: instancePath + "/id",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.name !== void 0) {
let data1 = data.name;
const _errs4 = errors;
if (errors === _errs4) {
if (typeof data1 === "string") {
if (func2(data1) > 120) {
validate93.errors = [{
instancePath: instancePath + "/name",
keyword: "maxLength",
params: { limit: 120 }
}];
return false;
} else if (func2(data1) < 1) {
validate93.errors = [{
instancePath: instancePath + "/name",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate93.errors = [{
instancePath: instancePath + "/name",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs4 === errors;
} else var valid0 = true;
if (valid0) {
if (data.form !== void 0) {
const _errs6 = errors;
if (!validate94(data.form, {
instancePath: instancePath + "/form",
parentData: data,
parentDataProperty: "form",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate94.errors : vErrors.concat(validate94.errors);
errors = vErrors.length;
}
var valid0 = _errs6 === errors;
} else var valid0 = true;
if (valid0) {
if (data.blend !== void 0) {
let data3 = data.blend;
const _errs7 = errors;
if (errors === _errs7) {
if (typeof data3 === "string") {
if (!pattern4.test(data3)) {
validate93.errors = [{
instancePath: instancePath + "/blend",
keyword: "pattern",
params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" }
}];
return false;
}
} else {
validate93.errors = [{
instancePath: instancePath + "/blend",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs7 === errors;
} else var valid0 = true;
if (valid0) {
if (data.colour !== void 0) {
let data4 = data.colour;
const _errs9 = errors;
if (errors === _errs9) {
if (typeof data4 === "string") {
if (!pattern4.test(data4)) {
validate93.errors = [{
instancePath: instancePath + "/colour",
keyword: "pattern",
params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" }
}];
return false;
}
} else {
validate93.errors = [{
instancePath: instancePath + "/colour",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs9 === errors;
} else var valid0 = true;
if (valid0) {
if (data.seat !== void 0) {
const _errs11 = errors;
if (!validate98(data.seat, {
instancePath: instancePath + "/seat",
parentData: data,
parentDataProperty: "seat",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate98.errors : vErrors.concat(validate98.errors);
errors = vErrors.length;
}
var valid0 = _errs11 === errors;
} else var valid0 = true;
if (valid0) {
if (data.pair !== void 0) {
const _errs12 = errors;
if (typeof data.pair !== "boolean") {
validate93.errors = [{
instancePath: instancePath + "/pair",
keyword: "type",
params: { type: "boolean" }
}];
return false;
}
var valid0 = _errs12 === errors;
} else var valid0 = true;
if (valid0) {
if (data.count !== void 0) {
let data7 = data.count;
const _errs14 = errors;
if (!(typeof data7 == "number" && !(data7 % 1) && !isNaN(data7) && isFinite(data7))) {
validate93.errors = [{
instancePath: instancePath + "/count",
keyword: "type",
params: { type: "integer" }
}];
return false;
}
if (errors === _errs14) {
if (typeof data7 == "number" && isFinite(data7)) {
if (data7 > 500 || isNaN(data7)) {
validate93.errors = [{
instancePath: instancePath + "/count",
keyword: "maximum",
params: {
comparison: "<=",
limit: 500
}
}];
return false;
} else if (data7 < 1 || isNaN(data7)) {
validate93.errors = [{
instancePath: instancePath + "/count",
keyword: "minimum",
params: {
comparison: ">=",
limit: 1
}
}];
return false;
}
}
}
var valid0 = _errs14 === errors;
} else var valid0 = true;
if (valid0) {
if (data.texture !== void 0) {
let data8 = data.texture;
const _errs16 = errors;
if (typeof data8 !== "string") {
validate93.errors = [{
instancePath: instancePath + "/texture",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data8 === "none" || data8 === "fur" || data8 === "feathers" || data8 === "veins" || data8 === "wood" || data8 === "creases" || data8 === "stitches" || data8 === "stipple" || data8 === "knit" || data8 === "bark" || data8 === "dimples")) {
validate93.errors = [{
instancePath: instancePath + "/texture",
keyword: "enum",
params: { allowedValues: schema38.properties.texture.enum }
}];
return false;
}
var valid0 = _errs16 === errors;
} else var valid0 = true;
if (valid0) {
if (data.core !== void 0) {
let data9 = data.core;
const _errs18 = errors;
if (typeof data9 !== "string") {
validate93.errors = [{
instancePath: instancePath + "/core",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data9 === "foam" || data9 === "cereal" || data9 === "cake")) {
validate93.errors = [{
instancePath: instancePath + "/core",
keyword: "enum",
params: { allowedValues: schema38.properties.core.enum }
}];
return false;
}
var valid0 = _errs18 === errors;
} else var valid0 = true;
if (valid0) {
if (data.tolerance !== void 0) {
let data10 = data.tolerance;
const _errs20 = errors;
if (typeof data10 !== "string") {
validate93.errors = [{
instancePath: instancePath + "/tolerance",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data10 === "equal" || data10 === "mirrored" || data10 === "varied" || data10 === "hidden")) {
validate93.errors = [{
instancePath: instancePath + "/tolerance",
keyword: "enum",
params: { allowedValues: schema38.properties.tolerance.enum }
}];
return false;
}
var valid0 = _errs20 === errors;
} else var valid0 = true;
if (valid0) {
if (data.hidden !== void 0) {
let data11 = data.hidden;
const _errs22 = errors;
if (typeof data11 !== "string") {
validate93.errors = [{
instancePath: instancePath + "/hidden",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data11 === "none" || data11 === "under" || data11 === "back" || data11 === "front" || data11 === "left" || data11 === "right" || data11 === "top")) {
validate93.errors = [{
instancePath: instancePath + "/hidden",
keyword: "enum",
params: { allowedValues: schema38.properties.hidden.enum }
}];
return false;
}
var valid0 = _errs22 === errors;
} else var valid0 = true;
if (valid0) {
if (data.breaks !== void 0) {
let data12 = data.breaks;
const _errs24 = errors;
if (errors === _errs24) {
if (typeof data12 == "number" && isFinite(data12)) {
if (data12 > 60 || isNaN(data12)) {
validate93.errors = [{
instancePath: instancePath + "/breaks",
keyword: "maximum",
params: {
comparison: "<=",
limit: 60
}
}];
return false;
} else if (data12 < 0 || isNaN(data12)) {
validate93.errors = [{
instancePath: instancePath + "/breaks",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate93.errors = [{
instancePath: instancePath + "/breaks",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs24 === errors;
} else var valid0 = true;
if (valid0) {
if (data.glue !== void 0) {
let data13 = data.glue;
const _errs26 = errors;
if (typeof data13 !== "string") {
validate93.errors = [{
instancePath: instancePath + "/glue",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data13 === "press" || data13 === "water" || data13 === "sugarGlue" || data13 === "gumGlue" || data13 === "thickPasteGlue" || data13 === "spirit" || data13 === "pipingGel" || data13 === "shortening" || data13 === "buttercream" || data13 === "jam" || data13 === "royalIcing" || data13 === "meltedChocolate")) {
validate93.errors = [{
instancePath: instancePath + "/glue",
keyword: "enum",
params: { allowedValues: schema38.properties.glue.enum }
}];
return false;
}
var valid0 = _errs26 === errors;
} else var valid0 = true;
if (valid0) {
if (data.built !== void 0) {
let data14 = data.built;
const _errs28 = errors;
if (typeof data14 !== "string") {
validate93.errors = [{
instancePath: instancePath + "/built",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data14 === "there" || data14 === "dummy" || data14 === "foam")) {
validate93.errors = [{
instancePath: instancePath + "/built",
keyword: "enum",
params: { allowedValues: schema38.properties.built.enum }
}];
return false;
}
var valid0 = _errs28 === errors;
} else var valid0 = true;
if (valid0) {
if (data.join !== void 0) {
let data15 = data.join;
const _errs30 = errors;
if (typeof data15 !== "string") {
validate93.errors = [{
instancePath: instancePath + "/join",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data15 === "stood" || data15 === "pressed" || data15 === "posed" || data15 === "socket" || data15 === "round" || data15 === "slid" || data15 === "firm" || data15 === "iced" || data15 === "hung" || data15 === "loose" || data15 === "threaded")) {
validate93.errors = [{
instancePath: instancePath + "/join",
keyword: "enum",
params: { allowedValues: schema38.properties.join.enum }
}];
return false;
}
var valid0 = _errs30 === errors;
} else var valid0 = true;
if (valid0) {
if (data.propped !== void 0) {
let data16 = data.propped;
const _errs32 = errors;
if (typeof data16 !== "boolean") {
validate93.errors = [{
instancePath: instancePath + "/propped",
keyword: "type",
params: { type: "boolean" }
}];
return false;
}
if (true !== data16) {
validate93.errors = [{
instancePath: instancePath + "/propped",
keyword: "const",
params: { allowedValue: true }
}];
return false;
}
var valid0 = _errs32 === errors;
} else var valid0 = true;
if (valid0) {
if (data.of !== void 0) {
let data17 = data.of;
const _errs34 = errors;
if (errors === _errs34) {
if (typeof data17 === "string") {
if (func2(data17) > 120) {
validate93.errors = [{
instancePath: instancePath + "/of",
keyword: "maxLength",
params: { limit: 120 }
}];
return false;
} else if (func2(data17) < 1) {
validate93.errors = [{
instancePath: instancePath + "/of",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate93.errors = [{
instancePath: instancePath + "/of",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs34 === errors;
} else var valid0 = true;
if (valid0) {
if (data.template !== void 0) {
let data18 = data.template;
const _errs36 = errors;
if (typeof data18 !== "string") {
validate93.errors = [{
instancePath: instancePath + "/template",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data18 === "cut" || data18 === "drawn" || data18 === "carve" || data18 === "recess" || data18 === "lining" || data18 === "wrap" || data18 === "prick" || data18 === "transfer" || data18 === "none")) {
validate93.errors = [{
instancePath: instancePath + "/template",
keyword: "enum",
params: { allowedValues: schema38.properties.template.enum }
}];
return false;
}
var valid0 = _errs36 === errors;
} else var valid0 = true;
if (valid0) {
if (data.cover !== void 0) {
let data19 = data.cover;
const _errs38 = errors;
if (typeof data19 !== "string") {
validate93.errors = [{
instancePath: instancePath + "/cover",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data19 === "gathered" || data19 === "draped" || data19 === "tucked" || data19 === "panels" || data19 === "eased")) {
validate93.errors = [{
instancePath: instancePath + "/cover",
keyword: "enum",
params: { allowedValues: schema38.properties.cover.enum }
}];
return false;
}
var valid0 = _errs38 === errors;
} else var valid0 = true;
if (valid0) {
if (data.halves !== void 0) {
let data20 = data.halves;
const _errs40 = errors;
if (typeof data20 !== "boolean") {
validate93.errors = [{
instancePath: instancePath + "/halves",
keyword: "type",
params: { type: "boolean" }
}];
return false;
}
if (true !== data20) {
validate93.errors = [{
instancePath: instancePath + "/halves",
keyword: "const",
params: { allowedValue: true }
}];
return false;
}
var valid0 = _errs40 === errors;
} else var valid0 = true;
if (valid0) {
if (data.continues !== void 0) {
let data21 = data.continues;
const _errs42 = errors;
if (errors === _errs42) {
if (typeof data21 === "string") {
if (!pattern4.test(data21)) {
validate93.errors = [{
instancePath: instancePath + "/continues",
keyword: "pattern",
params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" }
}];
return false;
}
} else {
validate93.errors = [{
instancePath: instancePath + "/continues",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs42 === errors;
} else var valid0 = true;
if (valid0) {
if (data.rests !== void 0) {
let data22 = data.rests;
const _errs44 = errors;
if (errors === _errs44) {
if (Array.isArray(data22)) {
if (data22.length > 6) {
validate93.errors = [{
instancePath: instancePath + "/rests",
keyword: "maxItems",
params: { limit: 6 }
}];
return false;
} else if (data22.length < 1) {
validate93.errors = [{
instancePath: instancePath + "/rests",
keyword: "minItems",
params: { limit: 1 }
}];
return false;
} else {
const len0 = data22.length;
for (let i0 = 0; i0 < len0; i0++) {
let data23 = data22[i0];
const _errs46 = errors;
if (errors === _errs46) {
if (data23 && typeof data23 == "object" && !Array.isArray(data23)) {
let missing1;
if (data23.place === void 0 && (missing1 = "place") || data23.hours === void 0 && (missing1 = "hours")) {
validate93.errors = [{
instancePath: instancePath + "/rests/" + i0,
keyword: "required",
params: { missingProperty: missing1 }
}];
return false;
} else {
const _errs48 = errors;
for (const key1 in data23) if (!(key1 === "place" || key1 === "hours")) {
validate93.errors = [{
instancePath: instancePath + "/rests/" + i0,
keyword: "additionalProperties",
params: { additionalProperty: key1 }
}];
return false;
}
if (_errs48 === errors) {
if (data23.place !== void 0) {
let data24 = data23.place;
const _errs49 = errors;
if (typeof data24 !== "string") {
validate93.errors = [{
instancePath: instancePath + "/rests/" + i0 + "/place",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data24 === "room" || data24 === "fan" || data24 === "box" || data24 === "fridge" || data24 === "freezer" || data24 === "bag")) {
validate93.errors = [{
instancePath: instancePath + "/rests/" + i0 + "/place",
keyword: "enum",
params: { allowedValues: schema38.properties.rests.items.properties.place.enum }
}];
return false;
}
var valid2 = _errs49 === errors;
} else var valid2 = true;
if (valid2) {
if (data23.hours !== void 0) {
let data25 = data23.hours;
const _errs51 = errors;
if (errors === _errs51) {
if (typeof data25 == "number" && isFinite(data25)) {
if (data25 > 200 || isNaN(data25)) {
validate93.errors = [{
instancePath: instancePath + "/rests/" + i0 + "/hours",
keyword: "maximum",
params: {
comparison: "<=",
limit: 200
}
}];
return false;
} else if (data25 < .1 || isNaN(data25)) {
validate93.errors = [{
instancePath: instancePath + "/rests/" + i0 + "/hours",
keyword: "minimum",
params: {
comparison: ">=",
limit: .1
}
}];
return false;
}
} else {
validate93.errors = [{
instancePath: instancePath + "/rests/" + i0 + "/hours",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid2 = _errs51 === errors;
} else var valid2 = true;
}
}
}
} else {
validate93.errors = [{
instancePath: instancePath + "/rests/" + i0,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
if (!(_errs46 === errors)) break;
}
}
} else {
validate93.errors = [{
instancePath: instancePath + "/rests",
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
var valid0 = _errs44 === errors;
} else var valid0 = true;
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
} else {
validate93.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate93.errors = vErrors;
return errors === 0;
}
validate93.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate92(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate92.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (Array.isArray(data)) {
if (data.length > 600) {
validate92.errors = [{
instancePath,
keyword: "maxItems",
params: { limit: 600 }
}];
return false;
} else if (data.length < 0) {
validate92.errors = [{
instancePath,
keyword: "minItems",
params: { limit: 0 }
}];
return false;
} else {
const len0 = data.length;
for (let i0 = 0; i0 < len0; i0++) {
const _errs1 = errors;
if (!validate93(data[i0], {
instancePath: instancePath + "/" + i0,
parentData: data,
parentDataProperty: i0,
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate93.errors : vErrors.concat(validate93.errors);
errors = vErrors.length;
}
if (!(_errs1 === errors)) break;
}
}
} else {
validate92.errors = [{
instancePath,
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
validate92.errors = vErrors;
return errors === 0;
}
validate92.evaluated = {
"items": true,
"dynamicProps": false,
"dynamicItems": false
};
const schema44 = {
"additionalProperties": false,
"type": "object",
"required": [
"id",
"name",
"stock",
"from",
"to",
"pair",
"sleeved"
],
"properties": {
"id": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"name": {
"maxLength": 120,
"minLength": 1,
"type": "string"
},
"stock": { "$ref": "#/$defs/string26" },
"from": { "$ref": "#/$defs/record27" },
"to": { "$ref": "#/$defs/record27" },
"bends": { "$ref": "#/$defs/array28" },
"pair": { "type": "boolean" },
"sleeved": { "type": "boolean" },
"across": {
"type": "number",
"minimum": .1,
"maximum": 40
},
"bundle": {
"maxLength": 120,
"minLength": 1,
"type": "string"
},
"shown": { "type": "boolean" }
}
};
const schema45 = {
"type": "string",
"enum": [
"spaghetti18",
"cocktail2",
"skewer3",
"wire26",
"wire24",
"wire22",
"wire20",
"wire18",
"paper4",
"skewer4",
"straw12",
"dowel6",
"dowel8",
"hollow16",
"dowel10",
"dowel12",
"armature3",
"armature6",
"copper6",
"copper8",
"copper10",
"m6",
"m8",
"m10",
"m12",
"stainless6",
"stainless10",
"stainless12"
]
};
function validate106(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate106.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (typeof data !== "string") {
validate106.errors = [{
instancePath,
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data === "spaghetti18" || data === "cocktail2" || data === "skewer3" || data === "wire26" || data === "wire24" || data === "wire22" || data === "wire20" || data === "wire18" || data === "paper4" || data === "skewer4" || data === "straw12" || data === "dowel6" || data === "dowel8" || data === "hollow16" || data === "dowel10" || data === "dowel12" || data === "armature3" || data === "armature6" || data === "copper6" || data === "copper8" || data === "copper10" || data === "m6" || data === "m8" || data === "m10" || data === "m12" || data === "stainless6" || data === "stainless10" || data === "stainless12")) {
validate106.errors = [{
instancePath,
keyword: "enum",
params: { allowedValues: schema45.enum }
}];
return false;
}
validate106.errors = vErrors;
return true;
}
validate106.evaluated = {
"dynamicProps": false,
"dynamicItems": false
};
function validate108(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate108.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.on === void 0 && (missing0 = "on") || data.at === void 0 && (missing0 = "at")) {
validate108.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!(key0 === "on" || key0 === "at")) {
validate108.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.on !== void 0) {
let data0 = data.on;
const _errs2 = errors;
if (errors === _errs2) {
if (typeof data0 === "string") {
if (!pattern4.test(data0)) {
validate108.errors = [{
instancePath: instancePath + "/on",
keyword: "pattern",
params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" }
}];
return false;
}
} else {
validate108.errors = [{
instancePath: instancePath + "/on",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.at !== void 0) {
const _errs4 = errors;
if (!validate99(data.at, {
instancePath: instancePath + "/at",
parentData: data,
parentDataProperty: "at",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate99.errors : vErrors.concat(validate99.errors);
errors = vErrors.length;
}
var valid0 = _errs4 === errors;
} else var valid0 = true;
}
}
}
} else {
validate108.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate108.errors = vErrors;
return errors === 0;
}
validate108.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate112(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate112.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (Array.isArray(data)) {
if (data.length > 12) {
validate112.errors = [{
instancePath,
keyword: "maxItems",
params: { limit: 12 }
}];
return false;
} else if (data.length < 1) {
validate112.errors = [{
instancePath,
keyword: "minItems",
params: { limit: 1 }
}];
return false;
} else {
const len0 = data.length;
for (let i0 = 0; i0 < len0; i0++) {
const _errs1 = errors;
if (!validate108(data[i0], {
instancePath: instancePath + "/" + i0,
parentData: data,
parentDataProperty: i0,
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate108.errors : vErrors.concat(validate108.errors);
errors = vErrors.length;
}
if (!(_errs1 === errors)) break;
}
}
} else {
validate112.errors = [{
instancePath,
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
validate112.errors = vErrors;
return errors === 0;
}
validate112.evaluated = {
"items": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate105(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate105.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.id === void 0 && (missing0 = "id") || data.name === void 0 && (missing0 = "name") || data.stock === void 0 && (missing0 = "stock") || data.from === void 0 && (missing0 = "from") || data.to === void 0 && (missing0 = "to") || data.pair === void 0 && (missing0 = "pair") || data.sleeved === void 0 && (missing0 = "sleeved")) {
validate105.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!func1.call(schema44.properties, key0)) {
validate105.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.id !== void 0) {
let data0 = data.id;
const _errs2 = errors;
if (errors === _errs2) {
if (typeof data0 === "string") {
if (!pattern4.test(data0)) {
validate105.errors = [{
instancePath: instancePath + "/id",
keyword: "pattern",
params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" }
}];
return false;
}
} else {
validate105.errors = [{
instancePath: instancePath + "/id",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.name !== void 0) {
let data1 = data.name;
const _errs4 = errors;
if (errors === _errs4) {
if (typeof data1 === "string") {
if (func2(data1) > 120) {
validate105.errors = [{
instancePath: instancePath + "/name",
keyword: "maxLength",
params: { limit: 120 }
}];
return false;
} else if (func2(data1) < 1) {
validate105.errors = [{
instancePath: instancePath + "/name",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate105.errors = [{
instancePath: instancePath + "/name",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs4 === errors;
} else var valid0 = true;
if (valid0) {
if (data.stock !== void 0) {
const _errs6 = errors;
if (!validate106(data.stock, {
instancePath: instancePath + "/stock",
parentData: data,
parentDataProperty: "stock",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate106.errors : vErrors.concat(validate106.errors);
errors = vErrors.length;
}
var valid0 = _errs6 === errors;
} else var valid0 = true;
if (valid0) {
if (data.from !== void 0) {
const _errs7 = errors;
if (!validate108(data.from, {
instancePath: instancePath + "/from",
parentData: data,
parentDataProperty: "from",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate108.errors : vErrors.concat(validate108.errors);
errors = vErrors.length;
}
var valid0 = _errs7 === errors;
} else var valid0 = true;
if (valid0) {
if (data.to !== void 0) {
const _errs8 = errors;
if (!validate108(data.to, {
instancePath: instancePath + "/to",
parentData: data,
parentDataProperty: "to",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate108.errors : vErrors.concat(validate108.errors);
errors = vErrors.length;
}
var valid0 = _errs8 === errors;
} else var valid0 = true;
if (valid0) {
if (data.bends !== void 0) {
const _errs9 = errors;
if (!validate112(data.bends, {
instancePath: instancePath + "/bends",
parentData: data,
parentDataProperty: "bends",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate112.errors : vErrors.concat(validate112.errors);
errors = vErrors.length;
}
var valid0 = _errs9 === errors;
} else var valid0 = true;
if (valid0) {
if (data.pair !== void 0) {
const _errs10 = errors;
if (typeof data.pair !== "boolean") {
validate105.errors = [{
instancePath: instancePath + "/pair",
keyword: "type",
params: { type: "boolean" }
}];
return false;
}
var valid0 = _errs10 === errors;
} else var valid0 = true;
if (valid0) {
if (data.sleeved !== void 0) {
const _errs12 = errors;
if (typeof data.sleeved !== "boolean") {
validate105.errors = [{
instancePath: instancePath + "/sleeved",
keyword: "type",
params: { type: "boolean" }
}];
return false;
}
var valid0 = _errs12 === errors;
} else var valid0 = true;
if (valid0) {
if (data.across !== void 0) {
let data8 = data.across;
const _errs14 = errors;
if (errors === _errs14) {
if (typeof data8 == "number" && isFinite(data8)) {
if (data8 > 40 || isNaN(data8)) {
validate105.errors = [{
instancePath: instancePath + "/across",
keyword: "maximum",
params: {
comparison: "<=",
limit: 40
}
}];
return false;
} else if (data8 < .1 || isNaN(data8)) {
validate105.errors = [{
instancePath: instancePath + "/across",
keyword: "minimum",
params: {
comparison: ">=",
limit: .1
}
}];
return false;
}
} else {
validate105.errors = [{
instancePath: instancePath + "/across",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs14 === errors;
} else var valid0 = true;
if (valid0) {
if (data.bundle !== void 0) {
let data9 = data.bundle;
const _errs16 = errors;
if (errors === _errs16) {
if (typeof data9 === "string") {
if (func2(data9) > 120) {
validate105.errors = [{
instancePath: instancePath + "/bundle",
keyword: "maxLength",
params: { limit: 120 }
}];
return false;
} else if (func2(data9) < 1) {
validate105.errors = [{
instancePath: instancePath + "/bundle",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate105.errors = [{
instancePath: instancePath + "/bundle",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs16 === errors;
} else var valid0 = true;
if (valid0) {
if (data.shown !== void 0) {
const _errs18 = errors;
if (typeof data.shown !== "boolean") {
validate105.errors = [{
instancePath: instancePath + "/shown",
keyword: "type",
params: { type: "boolean" }
}];
return false;
}
var valid0 = _errs18 === errors;
} else var valid0 = true;
}
}
}
}
}
}
}
}
}
}
}
}
} else {
validate105.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate105.errors = vErrors;
return errors === 0;
}
validate105.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate104(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate104.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (Array.isArray(data)) {
if (data.length > 200) {
validate104.errors = [{
instancePath,
keyword: "maxItems",
params: { limit: 200 }
}];
return false;
} else if (data.length < 0) {
validate104.errors = [{
instancePath,
keyword: "minItems",
params: { limit: 0 }
}];
return false;
} else {
const len0 = data.length;
for (let i0 = 0; i0 < len0; i0++) {
const _errs1 = errors;
if (!validate105(data[i0], {
instancePath: instancePath + "/" + i0,
parentData: data,
parentDataProperty: i0,
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate105.errors : vErrors.concat(validate105.errors);
errors = vErrors.length;
}
if (!(_errs1 === errors)) break;
}
}
} else {
validate104.errors = [{
instancePath,
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
validate104.errors = vErrors;
return errors === 0;
}
validate104.evaluated = {
"items": true,
"dynamicProps": false,
"dynamicItems": false
};
const schema48 = {
"additionalProperties": false,
"type": "object",
"required": [
"batter",
"layer",
"filling",
"fillingThickness",
"coat",
"coatThickness",
"tins",
"chill",
"tiers"
],
"properties": {
"batter": {
"type": "string",
"enum": ["firm", "sponge"]
},
"density": {
"type": "number",
"minimum": .1,
"maximum": 1.7
},
"layer": {
"type": "number",
"minimum": 5,
"maximum": 200
},
"filling": { "$ref": "#/$defs/string30" },
"fillingThickness": {
"type": "number",
"minimum": 0,
"maximum": 50
},
"coat": { "$ref": "#/$defs/string30" },
"coatThickness": {
"type": "number",
"minimum": 0,
"maximum": 30
},
"tins": {
"maxItems": 30,
"minItems": 0,
"type": "array",
"items": {
"type": "number",
"minimum": 40,
"maximum": 800
}
},
"chill": {
"additionalProperties": false,
"type": "object",
"required": ["where", "hours"],
"properties": {
"where": {
"type": "string",
"enum": [
"room",
"fridge",
"freezer"
]
},
"hours": {
"type": "number",
"minimum": 0,
"maximum": 96
}
}
},
"tiers": { "$ref": "#/$defs/array31" }
}
};
const schema49 = {
"type": "string",
"enum": [
"buttercream",
"ganacheDark",
"ganacheWhite"
]
};
function validate118(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate118.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (typeof data !== "string") {
validate118.errors = [{
instancePath,
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data === "buttercream" || data === "ganacheDark" || data === "ganacheWhite")) {
validate118.errors = [{
instancePath,
keyword: "enum",
params: { allowedValues: schema49.enum }
}];
return false;
}
validate118.errors = vErrors;
return true;
}
validate118.evaluated = {
"dynamicProps": false,
"dynamicItems": false
};
const schema51 = {
"additionalProperties": false,
"type": "object",
"required": [
"id",
"name",
"shape",
"width",
"height",
"stuck"
],
"properties": {
"id": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"name": {
"maxLength": 120,
"minLength": 1,
"type": "string"
},
"shape": {
"type": "string",
"enum": ["round", "square"]
},
"width": {
"type": "number",
"minimum": 40,
"maximum": 800
},
"height": {
"type": "number",
"minimum": 20,
"maximum": 400
},
"cover": { "$ref": "#/$defs/record8" },
"board": {
"additionalProperties": false,
"type": "object",
"required": ["kind", "width"],
"properties": {
"kind": { "$ref": "#/$defs/string33" },
"width": {
"type": "number",
"minimum": 30,
"maximum": 900
}
}
},
"posts": { "$ref": "#/$defs/record34" },
"gap": {
"type": "number",
"minimum": 0,
"maximum": 700
},
"sleeve": { "$ref": "#/$defs/record35" },
"stuck": { "type": "boolean" },
"keepers": { "$ref": "#/$defs/record36" },
"weight": {
"type": "number",
"minimum": 1,
"maximum": 5e4
}
}
};
const schema52 = {
"type": "string",
"enum": [
"card",
"drum",
"foam",
"ply6",
"mdf6",
"mdf12",
"acrylic"
]
};
function validate124(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate124.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (typeof data !== "string") {
validate124.errors = [{
instancePath,
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data === "card" || data === "drum" || data === "foam" || data === "ply6" || data === "mdf6" || data === "mdf12" || data === "acrylic")) {
validate124.errors = [{
instancePath,
keyword: "enum",
params: { allowedValues: schema52.enum }
}];
return false;
}
validate124.errors = vErrors;
return true;
}
validate124.evaluated = {
"dynamicProps": false,
"dynamicItems": false
};
function validate126(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate126.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.stock === void 0 && (missing0 = "stock") || data.number === void 0 && (missing0 = "number")) {
validate126.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!(key0 === "stock" || key0 === "number")) {
validate126.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.stock !== void 0) {
const _errs2 = errors;
if (!validate106(data.stock, {
instancePath: instancePath + "/stock",
parentData: data,
parentDataProperty: "stock",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate106.errors : vErrors.concat(validate106.errors);
errors = vErrors.length;
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.number !== void 0) {
let data1 = data.number;
const _errs3 = errors;
if (!(typeof data1 == "number" && !(data1 % 1) && !isNaN(data1) && isFinite(data1))) {
validate126.errors = [{
instancePath: instancePath + "/number",
keyword: "type",
params: { type: "integer" }
}];
return false;
}
if (errors === _errs3) {
if (typeof data1 == "number" && isFinite(data1)) {
if (data1 > 12 || isNaN(data1)) {
validate126.errors = [{
instancePath: instancePath + "/number",
keyword: "maximum",
params: {
comparison: "<=",
limit: 12
}
}];
return false;
} else if (data1 < 1 || isNaN(data1)) {
validate126.errors = [{
instancePath: instancePath + "/number",
keyword: "minimum",
params: {
comparison: ">=",
limit: 1
}
}];
return false;
}
}
}
var valid0 = _errs3 === errors;
} else var valid0 = true;
}
}
}
} else {
validate126.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate126.errors = vErrors;
return errors === 0;
}
validate126.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate129(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate129.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.across === void 0 && (missing0 = "across") || data.blend === void 0 && (missing0 = "blend") || data.colour === void 0 && (missing0 = "colour")) {
validate129.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
for (const key0 in data) if (!(key0 === "across" || key0 === "blend" || key0 === "colour")) {
validate129.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (data.across !== void 0) {
let data0 = data.across;
if (typeof data0 == "number" && isFinite(data0)) {
if (data0 > 400 || isNaN(data0)) {
validate129.errors = [{
instancePath: instancePath + "/across",
keyword: "maximum",
params: {
comparison: "<=",
limit: 400
}
}];
return false;
} else if (data0 < 8 || isNaN(data0)) {
validate129.errors = [{
instancePath: instancePath + "/across",
keyword: "minimum",
params: {
comparison: ">=",
limit: 8
}
}];
return false;
}
} else {
validate129.errors = [{
instancePath: instancePath + "/across",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.blend !== void 0) {
let data1 = data.blend;
if (typeof data1 === "string") {
if (!pattern4.test(data1)) {
validate129.errors = [{
instancePath: instancePath + "/blend",
keyword: "pattern",
params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" }
}];
return false;
}
} else {
validate129.errors = [{
instancePath: instancePath + "/blend",
keyword: "type",
params: { type: "string" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.colour !== void 0) {
let data2 = data.colour;
if (typeof data2 === "string") {
if (!pattern4.test(data2)) {
validate129.errors = [{
instancePath: instancePath + "/colour",
keyword: "pattern",
params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" }
}];
return false;
}
} else {
validate129.errors = [{
instancePath: instancePath + "/colour",
keyword: "type",
params: { type: "string" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
}
}
}
} else {
validate129.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
validate129.errors = vErrors;
return true;
}
validate129.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate131(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate131.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.stock === void 0 && (missing0 = "stock") || data.number === void 0 && (missing0 = "number") || data.apart === void 0 && (missing0 = "apart")) {
validate131.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!(key0 === "stock" || key0 === "number" || key0 === "apart")) {
validate131.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.stock !== void 0) {
const _errs2 = errors;
if (!validate106(data.stock, {
instancePath: instancePath + "/stock",
parentData: data,
parentDataProperty: "stock",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate106.errors : vErrors.concat(validate106.errors);
errors = vErrors.length;
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.number !== void 0) {
let data1 = data.number;
const _errs3 = errors;
if (!(typeof data1 == "number" && !(data1 % 1) && !isNaN(data1) && isFinite(data1))) {
validate131.errors = [{
instancePath: instancePath + "/number",
keyword: "type",
params: { type: "integer" }
}];
return false;
}
if (errors === _errs3) {
if (typeof data1 == "number" && isFinite(data1)) {
if (data1 > 4 || isNaN(data1)) {
validate131.errors = [{
instancePath: instancePath + "/number",
keyword: "maximum",
params: {
comparison: "<=",
limit: 4
}
}];
return false;
} else if (data1 < 1 || isNaN(data1)) {
validate131.errors = [{
instancePath: instancePath + "/number",
keyword: "minimum",
params: {
comparison: ">=",
limit: 1
}
}];
return false;
}
}
}
var valid0 = _errs3 === errors;
} else var valid0 = true;
if (valid0) {
if (data.apart !== void 0) {
let data2 = data.apart;
const _errs5 = errors;
if (errors === _errs5) {
if (typeof data2 == "number" && isFinite(data2)) {
if (data2 > 600 || isNaN(data2)) {
validate131.errors = [{
instancePath: instancePath + "/apart",
keyword: "maximum",
params: {
comparison: "<=",
limit: 600
}
}];
return false;
} else if (data2 < 10 || isNaN(data2)) {
validate131.errors = [{
instancePath: instancePath + "/apart",
keyword: "minimum",
params: {
comparison: ">=",
limit: 10
}
}];
return false;
}
} else {
validate131.errors = [{
instancePath: instancePath + "/apart",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs5 === errors;
} else var valid0 = true;
}
}
}
}
} else {
validate131.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate131.errors = vErrors;
return errors === 0;
}
validate131.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate122(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate122.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.id === void 0 && (missing0 = "id") || data.name === void 0 && (missing0 = "name") || data.shape === void 0 && (missing0 = "shape") || data.width === void 0 && (missing0 = "width") || data.height === void 0 && (missing0 = "height") || data.stuck === void 0 && (missing0 = "stuck")) {
validate122.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!func1.call(schema51.properties, key0)) {
validate122.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.id !== void 0) {
let data0 = data.id;
const _errs2 = errors;
if (errors === _errs2) {
if (typeof data0 === "string") {
if (!pattern4.test(data0)) {
validate122.errors = [{
instancePath: instancePath + "/id",
keyword: "pattern",
params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" }
}];
return false;
}
} else {
validate122.errors = [{
instancePath: instancePath + "/id",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.name !== void 0) {
let data1 = data.name;
const _errs4 = errors;
if (errors === _errs4) {
if (typeof data1 === "string") {
if (func2(data1) > 120) {
validate122.errors = [{
instancePath: instancePath + "/name",
keyword: "maxLength",
params: { limit: 120 }
}];
return false;
} else if (func2(data1) < 1) {
validate122.errors = [{
instancePath: instancePath + "/name",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate122.errors = [{
instancePath: instancePath + "/name",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs4 === errors;
} else var valid0 = true;
if (valid0) {
if (data.shape !== void 0) {
let data2 = data.shape;
const _errs6 = errors;
if (typeof data2 !== "string") {
validate122.errors = [{
instancePath: instancePath + "/shape",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data2 === "round" || data2 === "square")) {
validate122.errors = [{
instancePath: instancePath + "/shape",
keyword: "enum",
params: { allowedValues: schema51.properties.shape.enum }
}];
return false;
}
var valid0 = _errs6 === errors;
} else var valid0 = true;
if (valid0) {
if (data.width !== void 0) {
let data3 = data.width;
const _errs8 = errors;
if (errors === _errs8) {
if (typeof data3 == "number" && isFinite(data3)) {
if (data3 > 800 || isNaN(data3)) {
validate122.errors = [{
instancePath: instancePath + "/width",
keyword: "maximum",
params: {
comparison: "<=",
limit: 800
}
}];
return false;
} else if (data3 < 40 || isNaN(data3)) {
validate122.errors = [{
instancePath: instancePath + "/width",
keyword: "minimum",
params: {
comparison: ">=",
limit: 40
}
}];
return false;
}
} else {
validate122.errors = [{
instancePath: instancePath + "/width",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs8 === errors;
} else var valid0 = true;
if (valid0) {
if (data.height !== void 0) {
let data4 = data.height;
const _errs10 = errors;
if (errors === _errs10) {
if (typeof data4 == "number" && isFinite(data4)) {
if (data4 > 400 || isNaN(data4)) {
validate122.errors = [{
instancePath: instancePath + "/height",
keyword: "maximum",
params: {
comparison: "<=",
limit: 400
}
}];
return false;
} else if (data4 < 20 || isNaN(data4)) {
validate122.errors = [{
instancePath: instancePath + "/height",
keyword: "minimum",
params: {
comparison: ">=",
limit: 20
}
}];
return false;
}
} else {
validate122.errors = [{
instancePath: instancePath + "/height",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs10 === errors;
} else var valid0 = true;
if (valid0) {
if (data.cover !== void 0) {
const _errs12 = errors;
if (!validate70(data.cover, {
instancePath: instancePath + "/cover",
parentData: data,
parentDataProperty: "cover",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate70.errors : vErrors.concat(validate70.errors);
errors = vErrors.length;
}
var valid0 = _errs12 === errors;
} else var valid0 = true;
if (valid0) {
if (data.board !== void 0) {
let data6 = data.board;
const _errs13 = errors;
if (errors === _errs13) {
if (data6 && typeof data6 == "object" && !Array.isArray(data6)) {
let missing1;
if (data6.kind === void 0 && (missing1 = "kind") || data6.width === void 0 && (missing1 = "width")) {
validate122.errors = [{
instancePath: instancePath + "/board",
keyword: "required",
params: { missingProperty: missing1 }
}];
return false;
} else {
const _errs15 = errors;
for (const key1 in data6) if (!(key1 === "kind" || key1 === "width")) {
validate122.errors = [{
instancePath: instancePath + "/board",
keyword: "additionalProperties",
params: { additionalProperty: key1 }
}];
return false;
}
if (_errs15 === errors) {
if (data6.kind !== void 0) {
const _errs16 = errors;
if (!validate124(data6.kind, {
instancePath: instancePath + "/board/kind",
parentData: data6,
parentDataProperty: "kind",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate124.errors : vErrors.concat(validate124.errors);
errors = vErrors.length;
}
var valid1 = _errs16 === errors;
} else var valid1 = true;
if (valid1) {
if (data6.width !== void 0) {
let data8 = data6.width;
const _errs17 = errors;
if (errors === _errs17) {
if (typeof data8 == "number" && isFinite(data8)) {
if (data8 > 900 || isNaN(data8)) {
validate122.errors = [{
instancePath: instancePath + "/board/width",
keyword: "maximum",
params: {
comparison: "<=",
limit: 900
}
}];
return false;
} else if (data8 < 30 || isNaN(data8)) {
validate122.errors = [{
instancePath: instancePath + "/board/width",
keyword: "minimum",
params: {
comparison: ">=",
limit: 30
}
}];
return false;
}
} else {
validate122.errors = [{
instancePath: instancePath + "/board/width",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid1 = _errs17 === errors;
} else var valid1 = true;
}
}
}
} else {
validate122.errors = [{
instancePath: instancePath + "/board",
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
var valid0 = _errs13 === errors;
} else var valid0 = true;
if (valid0) {
if (data.posts !== void 0) {
const _errs19 = errors;
if (!validate126(data.posts, {
instancePath: instancePath + "/posts",
parentData: data,
parentDataProperty: "posts",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate126.errors : vErrors.concat(validate126.errors);
errors = vErrors.length;
}
var valid0 = _errs19 === errors;
} else var valid0 = true;
if (valid0) {
if (data.gap !== void 0) {
let data10 = data.gap;
const _errs20 = errors;
if (errors === _errs20) {
if (typeof data10 == "number" && isFinite(data10)) {
if (data10 > 700 || isNaN(data10)) {
validate122.errors = [{
instancePath: instancePath + "/gap",
keyword: "maximum",
params: {
comparison: "<=",
limit: 700
}
}];
return false;
} else if (data10 < 0 || isNaN(data10)) {
validate122.errors = [{
instancePath: instancePath + "/gap",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate122.errors = [{
instancePath: instancePath + "/gap",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs20 === errors;
} else var valid0 = true;
if (valid0) {
if (data.sleeve !== void 0) {
const _errs22 = errors;
if (!validate129(data.sleeve, {
instancePath: instancePath + "/sleeve",
parentData: data,
parentDataProperty: "sleeve",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate129.errors : vErrors.concat(validate129.errors);
errors = vErrors.length;
}
var valid0 = _errs22 === errors;
} else var valid0 = true;
if (valid0) {
if (data.stuck !== void 0) {
const _errs23 = errors;
if (typeof data.stuck !== "boolean") {
validate122.errors = [{
instancePath: instancePath + "/stuck",
keyword: "type",
params: { type: "boolean" }
}];
return false;
}
var valid0 = _errs23 === errors;
} else var valid0 = true;
if (valid0) {
if (data.keepers !== void 0) {
const _errs25 = errors;
if (!validate131(data.keepers, {
instancePath: instancePath + "/keepers",
parentData: data,
parentDataProperty: "keepers",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate131.errors : vErrors.concat(validate131.errors);
errors = vErrors.length;
}
var valid0 = _errs25 === errors;
} else var valid0 = true;
if (valid0) {
if (data.weight !== void 0) {
let data14 = data.weight;
const _errs26 = errors;
if (errors === _errs26) {
if (typeof data14 == "number" && isFinite(data14)) {
if (data14 > 5e4 || isNaN(data14)) {
validate122.errors = [{
instancePath: instancePath + "/weight",
keyword: "maximum",
params: {
comparison: "<=",
limit: 5e4
}
}];
return false;
} else if (data14 < 1 || isNaN(data14)) {
validate122.errors = [{
instancePath: instancePath + "/weight",
keyword: "minimum",
params: {
comparison: ">=",
limit: 1
}
}];
return false;
}
} else {
validate122.errors = [{
instancePath: instancePath + "/weight",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs26 === errors;
} else var valid0 = true;
}
}
}
}
}
}
}
}
}
}
}
}
}
}
} else {
validate122.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate122.errors = vErrors;
return errors === 0;
}
validate122.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate121(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate121.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (Array.isArray(data)) {
if (data.length > 12) {
validate121.errors = [{
instancePath,
keyword: "maxItems",
params: { limit: 12 }
}];
return false;
} else if (data.length < 0) {
validate121.errors = [{
instancePath,
keyword: "minItems",
params: { limit: 0 }
}];
return false;
} else {
const len0 = data.length;
for (let i0 = 0; i0 < len0; i0++) {
const _errs1 = errors;
if (!validate122(data[i0], {
instancePath: instancePath + "/" + i0,
parentData: data,
parentDataProperty: i0,
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate122.errors : vErrors.concat(validate122.errors);
errors = vErrors.length;
}
if (!(_errs1 === errors)) break;
}
}
} else {
validate121.errors = [{
instancePath,
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
validate121.errors = vErrors;
return errors === 0;
}
validate121.evaluated = {
"items": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate117(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate117.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.batter === void 0 && (missing0 = "batter") || data.layer === void 0 && (missing0 = "layer") || data.filling === void 0 && (missing0 = "filling") || data.fillingThickness === void 0 && (missing0 = "fillingThickness") || data.coat === void 0 && (missing0 = "coat") || data.coatThickness === void 0 && (missing0 = "coatThickness") || data.tins === void 0 && (missing0 = "tins") || data.chill === void 0 && (missing0 = "chill") || data.tiers === void 0 && (missing0 = "tiers")) {
validate117.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!func1.call(schema48.properties, key0)) {
validate117.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.batter !== void 0) {
let data0 = data.batter;
const _errs2 = errors;
if (typeof data0 !== "string") {
validate117.errors = [{
instancePath: instancePath + "/batter",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data0 === "firm" || data0 === "sponge")) {
validate117.errors = [{
instancePath: instancePath + "/batter",
keyword: "enum",
params: { allowedValues: schema48.properties.batter.enum }
}];
return false;
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.density !== void 0) {
let data1 = data.density;
const _errs4 = errors;
if (errors === _errs4) {
if (typeof data1 == "number" && isFinite(data1)) {
if (data1 > 1.7 || isNaN(data1)) {
validate117.errors = [{
instancePath: instancePath + "/density",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1.7
}
}];
return false;
} else if (data1 < .1 || isNaN(data1)) {
validate117.errors = [{
instancePath: instancePath + "/density",
keyword: "minimum",
params: {
comparison: ">=",
limit: .1
}
}];
return false;
}
} else {
validate117.errors = [{
instancePath: instancePath + "/density",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs4 === errors;
} else var valid0 = true;
if (valid0) {
if (data.layer !== void 0) {
let data2 = data.layer;
const _errs6 = errors;
if (errors === _errs6) {
if (typeof data2 == "number" && isFinite(data2)) {
if (data2 > 200 || isNaN(data2)) {
validate117.errors = [{
instancePath: instancePath + "/layer",
keyword: "maximum",
params: {
comparison: "<=",
limit: 200
}
}];
return false;
} else if (data2 < 5 || isNaN(data2)) {
validate117.errors = [{
instancePath: instancePath + "/layer",
keyword: "minimum",
params: {
comparison: ">=",
limit: 5
}
}];
return false;
}
} else {
validate117.errors = [{
instancePath: instancePath + "/layer",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs6 === errors;
} else var valid0 = true;
if (valid0) {
if (data.filling !== void 0) {
const _errs8 = errors;
if (!validate118(data.filling, {
instancePath: instancePath + "/filling",
parentData: data,
parentDataProperty: "filling",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate118.errors : vErrors.concat(validate118.errors);
errors = vErrors.length;
}
var valid0 = _errs8 === errors;
} else var valid0 = true;
if (valid0) {
if (data.fillingThickness !== void 0) {
let data4 = data.fillingThickness;
const _errs9 = errors;
if (errors === _errs9) {
if (typeof data4 == "number" && isFinite(data4)) {
if (data4 > 50 || isNaN(data4)) {
validate117.errors = [{
instancePath: instancePath + "/fillingThickness",
keyword: "maximum",
params: {
comparison: "<=",
limit: 50
}
}];
return false;
} else if (data4 < 0 || isNaN(data4)) {
validate117.errors = [{
instancePath: instancePath + "/fillingThickness",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate117.errors = [{
instancePath: instancePath + "/fillingThickness",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs9 === errors;
} else var valid0 = true;
if (valid0) {
if (data.coat !== void 0) {
const _errs11 = errors;
if (!validate118(data.coat, {
instancePath: instancePath + "/coat",
parentData: data,
parentDataProperty: "coat",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate118.errors : vErrors.concat(validate118.errors);
errors = vErrors.length;
}
var valid0 = _errs11 === errors;
} else var valid0 = true;
if (valid0) {
if (data.coatThickness !== void 0) {
let data6 = data.coatThickness;
const _errs12 = errors;
if (errors === _errs12) {
if (typeof data6 == "number" && isFinite(data6)) {
if (data6 > 30 || isNaN(data6)) {
validate117.errors = [{
instancePath: instancePath + "/coatThickness",
keyword: "maximum",
params: {
comparison: "<=",
limit: 30
}
}];
return false;
} else if (data6 < 0 || isNaN(data6)) {
validate117.errors = [{
instancePath: instancePath + "/coatThickness",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate117.errors = [{
instancePath: instancePath + "/coatThickness",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs12 === errors;
} else var valid0 = true;
if (valid0) {
if (data.tins !== void 0) {
let data7 = data.tins;
const _errs14 = errors;
if (errors === _errs14) {
if (Array.isArray(data7)) {
if (data7.length > 30) {
validate117.errors = [{
instancePath: instancePath + "/tins",
keyword: "maxItems",
params: { limit: 30 }
}];
return false;
} else if (data7.length < 0) {
validate117.errors = [{
instancePath: instancePath + "/tins",
keyword: "minItems",
params: { limit: 0 }
}];
return false;
} else {
const len0 = data7.length;
for (let i0 = 0; i0 < len0; i0++) {
let data8 = data7[i0];
const _errs16 = errors;
if (errors === _errs16) {
if (typeof data8 == "number" && isFinite(data8)) {
if (data8 > 800 || isNaN(data8)) {
validate117.errors = [{
instancePath: instancePath + "/tins/" + i0,
keyword: "maximum",
params: {
comparison: "<=",
limit: 800
}
}];
return false;
} else if (data8 < 40 || isNaN(data8)) {
validate117.errors = [{
instancePath: instancePath + "/tins/" + i0,
keyword: "minimum",
params: {
comparison: ">=",
limit: 40
}
}];
return false;
}
} else {
validate117.errors = [{
instancePath: instancePath + "/tins/" + i0,
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
if (!(_errs16 === errors)) break;
}
}
} else {
validate117.errors = [{
instancePath: instancePath + "/tins",
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
var valid0 = _errs14 === errors;
} else var valid0 = true;
if (valid0) {
if (data.chill !== void 0) {
let data9 = data.chill;
const _errs18 = errors;
if (errors === _errs18) {
if (data9 && typeof data9 == "object" && !Array.isArray(data9)) {
let missing1;
if (data9.where === void 0 && (missing1 = "where") || data9.hours === void 0 && (missing1 = "hours")) {
validate117.errors = [{
instancePath: instancePath + "/chill",
keyword: "required",
params: { missingProperty: missing1 }
}];
return false;
} else {
const _errs20 = errors;
for (const key1 in data9) if (!(key1 === "where" || key1 === "hours")) {
validate117.errors = [{
instancePath: instancePath + "/chill",
keyword: "additionalProperties",
params: { additionalProperty: key1 }
}];
return false;
}
if (_errs20 === errors) {
if (data9.where !== void 0) {
let data10 = data9.where;
const _errs21 = errors;
if (typeof data10 !== "string") {
validate117.errors = [{
instancePath: instancePath + "/chill/where",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data10 === "room" || data10 === "fridge" || data10 === "freezer")) {
validate117.errors = [{
instancePath: instancePath + "/chill/where",
keyword: "enum",
params: { allowedValues: schema48.properties.chill.properties.where.enum }
}];
return false;
}
var valid2 = _errs21 === errors;
} else var valid2 = true;
if (valid2) {
if (data9.hours !== void 0) {
let data11 = data9.hours;
const _errs23 = errors;
if (errors === _errs23) {
if (typeof data11 == "number" && isFinite(data11)) {
if (data11 > 96 || isNaN(data11)) {
validate117.errors = [{
instancePath: instancePath + "/chill/hours",
keyword: "maximum",
params: {
comparison: "<=",
limit: 96
}
}];
return false;
} else if (data11 < 0 || isNaN(data11)) {
validate117.errors = [{
instancePath: instancePath + "/chill/hours",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate117.errors = [{
instancePath: instancePath + "/chill/hours",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid2 = _errs23 === errors;
} else var valid2 = true;
}
}
}
} else {
validate117.errors = [{
instancePath: instancePath + "/chill",
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
var valid0 = _errs18 === errors;
} else var valid0 = true;
if (valid0) {
if (data.tiers !== void 0) {
const _errs25 = errors;
if (!validate121(data.tiers, {
instancePath: instancePath + "/tiers",
parentData: data,
parentDataProperty: "tiers",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate121.errors : vErrors.concat(validate121.errors);
errors = vErrors.length;
}
var valid0 = _errs25 === errors;
} else var valid0 = true;
}
}
}
}
}
}
}
}
}
}
}
} else {
validate117.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate117.errors = vErrors;
return errors === 0;
}
validate117.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate137(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate137.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.piece === void 0 && (missing0 = "piece") || data.target === void 0 && (missing0 = "target") || data.within === void 0 && (missing0 = "within") || data.step === void 0 && (missing0 = "step") || data.caseWidth === void 0 && (missing0 = "caseWidth") || data.weighed === void 0 && (missing0 = "weighed")) {
validate137.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
for (const key0 in data) if (!(key0 === "piece" || key0 === "target" || key0 === "within" || key0 === "step" || key0 === "caseWidth" || key0 === "weighed")) {
validate137.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (data.piece !== void 0) {
let data0 = data.piece;
if (typeof data0 === "string") {
if (!pattern4.test(data0)) {
validate137.errors = [{
instancePath: instancePath + "/piece",
keyword: "pattern",
params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" }
}];
return false;
}
} else {
validate137.errors = [{
instancePath: instancePath + "/piece",
keyword: "type",
params: { type: "string" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.target !== void 0) {
let data1 = data.target;
if (typeof data1 == "number" && isFinite(data1)) {
if (data1 > 5e3 || isNaN(data1)) {
validate137.errors = [{
instancePath: instancePath + "/target",
keyword: "maximum",
params: {
comparison: "<=",
limit: 5e3
}
}];
return false;
} else if (data1 < .01 || isNaN(data1)) {
validate137.errors = [{
instancePath: instancePath + "/target",
keyword: "minimum",
params: {
comparison: ">=",
limit: .01
}
}];
return false;
}
} else {
validate137.errors = [{
instancePath: instancePath + "/target",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.within !== void 0) {
let data2 = data.within;
if (typeof data2 == "number" && isFinite(data2)) {
if (data2 > 1e3 || isNaN(data2)) {
validate137.errors = [{
instancePath: instancePath + "/within",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1e3
}
}];
return false;
} else if (data2 < .001 || isNaN(data2)) {
validate137.errors = [{
instancePath: instancePath + "/within",
keyword: "minimum",
params: {
comparison: ">=",
limit: .001
}
}];
return false;
}
} else {
validate137.errors = [{
instancePath: instancePath + "/within",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.step !== void 0) {
let data3 = data.step;
if (typeof data3 == "number" && isFinite(data3)) {
if (data3 > 10 || isNaN(data3)) {
validate137.errors = [{
instancePath: instancePath + "/step",
keyword: "maximum",
params: {
comparison: "<=",
limit: 10
}
}];
return false;
} else if (data3 < .001 || isNaN(data3)) {
validate137.errors = [{
instancePath: instancePath + "/step",
keyword: "minimum",
params: {
comparison: ">=",
limit: .001
}
}];
return false;
}
} else {
validate137.errors = [{
instancePath: instancePath + "/step",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.caseWidth !== void 0) {
let data4 = data.caseWidth;
if (typeof data4 == "number" && isFinite(data4)) {
if (data4 > 500 || isNaN(data4)) {
validate137.errors = [{
instancePath: instancePath + "/caseWidth",
keyword: "maximum",
params: {
comparison: "<=",
limit: 500
}
}];
return false;
} else if (data4 < 0 || isNaN(data4)) {
validate137.errors = [{
instancePath: instancePath + "/caseWidth",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate137.errors = [{
instancePath: instancePath + "/caseWidth",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.weighed !== void 0) {
let data5 = data.weighed;
if (Array.isArray(data5)) {
if (data5.length > 2e3) {
validate137.errors = [{
instancePath: instancePath + "/weighed",
keyword: "maxItems",
params: { limit: 2e3 }
}];
return false;
} else if (data5.length < 0) {
validate137.errors = [{
instancePath: instancePath + "/weighed",
keyword: "minItems",
params: { limit: 0 }
}];
return false;
} else {
const len0 = data5.length;
for (let i0 = 0; i0 < len0; i0++) {
let data6 = data5[i0];
if (typeof data6 == "number" && isFinite(data6)) {
if (data6 > 1e4 || isNaN(data6)) {
validate137.errors = [{
instancePath: instancePath + "/weighed/" + i0,
keyword: "maximum",
params: {
comparison: "<=",
limit: 1e4
}
}];
return false;
} else if (data6 < .001 || isNaN(data6)) {
validate137.errors = [{
instancePath: instancePath + "/weighed/" + i0,
keyword: "minimum",
params: {
comparison: ">=",
limit: .001
}
}];
return false;
}
} else {
validate137.errors = [{
instancePath: instancePath + "/weighed/" + i0,
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
}
} else {
validate137.errors = [{
instancePath: instancePath + "/weighed",
keyword: "type",
params: { type: "array" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
}
}
}
}
}
}
} else {
validate137.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
validate137.errors = vErrors;
return true;
}
validate137.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate139(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate139.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.kind === void 0 && (missing0 = "kind") || data.width === void 0 && (missing0 = "width")) {
validate139.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!(key0 === "kind" || key0 === "width" || key0 === "gap" || key0 === "sleeve")) {
validate139.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.kind !== void 0) {
const _errs2 = errors;
if (!validate124(data.kind, {
instancePath: instancePath + "/kind",
parentData: data,
parentDataProperty: "kind",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate124.errors : vErrors.concat(validate124.errors);
errors = vErrors.length;
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.width !== void 0) {
let data1 = data.width;
const _errs3 = errors;
if (errors === _errs3) {
if (typeof data1 == "number" && isFinite(data1)) {
if (data1 > 900 || isNaN(data1)) {
validate139.errors = [{
instancePath: instancePath + "/width",
keyword: "maximum",
params: {
comparison: "<=",
limit: 900
}
}];
return false;
} else if (data1 < 30 || isNaN(data1)) {
validate139.errors = [{
instancePath: instancePath + "/width",
keyword: "minimum",
params: {
comparison: ">=",
limit: 30
}
}];
return false;
}
} else {
validate139.errors = [{
instancePath: instancePath + "/width",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs3 === errors;
} else var valid0 = true;
if (valid0) {
if (data.gap !== void 0) {
let data2 = data.gap;
const _errs5 = errors;
if (errors === _errs5) {
if (typeof data2 == "number" && isFinite(data2)) {
if (data2 > 700 || isNaN(data2)) {
validate139.errors = [{
instancePath: instancePath + "/gap",
keyword: "maximum",
params: {
comparison: "<=",
limit: 700
}
}];
return false;
} else if (data2 < 0 || isNaN(data2)) {
validate139.errors = [{
instancePath: instancePath + "/gap",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate139.errors = [{
instancePath: instancePath + "/gap",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs5 === errors;
} else var valid0 = true;
if (valid0) {
if (data.sleeve !== void 0) {
const _errs7 = errors;
if (!validate129(data.sleeve, {
instancePath: instancePath + "/sleeve",
parentData: data,
parentDataProperty: "sleeve",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate129.errors : vErrors.concat(validate129.errors);
errors = vErrors.length;
}
var valid0 = _errs7 === errors;
} else var valid0 = true;
}
}
}
}
}
} else {
validate139.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate139.errors = vErrors;
return errors === 0;
}
validate139.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
const schema58 = {
"additionalProperties": false,
"type": "object",
"required": [
"thread",
"base",
"raised",
"up"
],
"properties": {
"thread": {
"type": "integer",
"enum": [
6,
8,
10,
12
]
},
"base": {
"type": "string",
"enum": ["washer", "large"]
},
"raised": {
"type": "string",
"enum": ["washer", "large"]
},
"up": {
"type": "number",
"minimum": 0,
"maximum": 1e3
},
"cutAt": {
"type": "number",
"minimum": 0,
"maximum": 3e3
}
}
};
function validate143(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate143.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.thread === void 0 && (missing0 = "thread") || data.base === void 0 && (missing0 = "base") || data.raised === void 0 && (missing0 = "raised") || data.up === void 0 && (missing0 = "up")) {
validate143.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
for (const key0 in data) if (!(key0 === "thread" || key0 === "base" || key0 === "raised" || key0 === "up" || key0 === "cutAt")) {
validate143.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (data.thread !== void 0) {
let data0 = data.thread;
if (!(typeof data0 == "number" && !(data0 % 1) && !isNaN(data0) && isFinite(data0))) {
validate143.errors = [{
instancePath: instancePath + "/thread",
keyword: "type",
params: { type: "integer" }
}];
return false;
}
if (!(data0 === 6 || data0 === 8 || data0 === 10 || data0 === 12)) {
validate143.errors = [{
instancePath: instancePath + "/thread",
keyword: "enum",
params: { allowedValues: schema58.properties.thread.enum }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.base !== void 0) {
let data1 = data.base;
if (typeof data1 !== "string") {
validate143.errors = [{
instancePath: instancePath + "/base",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data1 === "washer" || data1 === "large")) {
validate143.errors = [{
instancePath: instancePath + "/base",
keyword: "enum",
params: { allowedValues: schema58.properties.base.enum }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.raised !== void 0) {
let data2 = data.raised;
if (typeof data2 !== "string") {
validate143.errors = [{
instancePath: instancePath + "/raised",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data2 === "washer" || data2 === "large")) {
validate143.errors = [{
instancePath: instancePath + "/raised",
keyword: "enum",
params: { allowedValues: schema58.properties.raised.enum }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.up !== void 0) {
let data3 = data.up;
if (typeof data3 == "number" && isFinite(data3)) {
if (data3 > 1e3 || isNaN(data3)) {
validate143.errors = [{
instancePath: instancePath + "/up",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1e3
}
}];
return false;
} else if (data3 < 0 || isNaN(data3)) {
validate143.errors = [{
instancePath: instancePath + "/up",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate143.errors = [{
instancePath: instancePath + "/up",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.cutAt !== void 0) {
let data4 = data.cutAt;
if (typeof data4 == "number" && isFinite(data4)) {
if (data4 > 3e3 || isNaN(data4)) {
validate143.errors = [{
instancePath: instancePath + "/cutAt",
keyword: "maximum",
params: {
comparison: "<=",
limit: 3e3
}
}];
return false;
} else if (data4 < 0 || isNaN(data4)) {
validate143.errors = [{
instancePath: instancePath + "/cutAt",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate143.errors = [{
instancePath: instancePath + "/cutAt",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
}
}
}
}
}
} else {
validate143.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
validate143.errors = vErrors;
return true;
}
validate143.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
const schema59 = {
"additionalProperties": false,
"type": "object",
"required": [
"own",
"minutes",
"left"
],
"properties": {
"own": { "$ref": "#/$defs/array41" },
"minutes": {
"type": "object",
"additionalProperties": {
"type": "number",
"minimum": 1,
"maximum": 600
},
"maxProperties": 1e3
},
"left": {
"maxItems": 1e3,
"minItems": 0,
"type": "array",
"items": {
"maxLength": 200,
"minLength": 1,
"type": "string"
}
},
"pins": {
"type": "object",
"additionalProperties": { "$ref": "#/$defs/string2" },
"maxProperties": 300
},
"rather": {
"type": "string",
"enum": [
"fewer",
"later",
"nights",
"fresher"
]
},
"parts": {
"type": "object",
"additionalProperties": {
"type": "integer",
"minimum": 1,
"maximum": 12
},
"maxProperties": 300
},
"joined": {
"maxItems": 100,
"minItems": 0,
"type": "array",
"items": {
"maxItems": 12,
"minItems": 2,
"type": "array",
"items": {
"maxLength": 200,
"minLength": 1,
"type": "string"
}
}
},
"agreed": {
"type": "object",
"additionalProperties": { "$ref": "#/$defs/string2" },
"maxProperties": 1e3
}
}
};
const schema61 = {
"additionalProperties": false,
"type": "object",
"required": [
"id",
"title",
"minutes"
],
"properties": {
"id": {
"pattern": "^own:[a-z0-9-]{1,60}$",
"type": "string"
},
"title": {
"maxLength": 120,
"minLength": 1,
"type": "string"
},
"minutes": {
"type": "number",
"minimum": 1,
"maximum": 600
},
"after": {
"maxLength": 200,
"minLength": 1,
"type": "string"
},
"wait": {
"type": "number",
"minimum": 0,
"maximum": 2e4
},
"before": {
"maxLength": 200,
"minLength": 1,
"type": "string"
},
"piece": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"work": {
"type": "string",
"enum": [
"paint",
"line",
"dust",
"spray",
"sponge",
"snip",
"mark",
"press"
]
},
"side": {
"type": "string",
"enum": [
"all",
"front",
"back",
"left",
"right",
"top",
"under"
]
},
"tool": {
"type": "string",
"enum": [
"oven",
"turntable",
"airbrush"
]
},
"finish": { "$ref": "#/$defs/record43" }
}
};
const pattern24 = /* @__PURE__ */ new RegExp("^own:[a-z0-9-]{1,60}$", "u");
const schema62 = {
"additionalProperties": false,
"type": "object",
"required": [
"technique",
"amount",
"coats"
],
"properties": {
"technique": {
"type": "string",
"enum": [
"patch",
"spikes",
"wafer",
"paint",
"butter",
"airbrush",
"wash",
"watered",
"cocoaPaint",
"shade",
"dust",
"cocoa",
"sponge",
"blush",
"outline",
"pen",
"eyeWhite",
"eyeColour",
"pupil",
"catchlight",
"dots",
"metal",
"gloss",
"gel",
"drip",
"dirt"
]
},
"amount": {
"type": "number",
"minimum": .1,
"maximum": 1e5
},
"coats": {
"type": "integer",
"minimum": 1,
"maximum": 6
},
"colour": {
"pattern": "^#[0-9a-fA-F]{6}$",
"type": "string"
}
}
};
function validate148(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate148.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.technique === void 0 && (missing0 = "technique") || data.amount === void 0 && (missing0 = "amount") || data.coats === void 0 && (missing0 = "coats")) {
validate148.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
for (const key0 in data) if (!(key0 === "technique" || key0 === "amount" || key0 === "coats" || key0 === "colour")) {
validate148.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (data.technique !== void 0) {
let data0 = data.technique;
if (typeof data0 !== "string") {
validate148.errors = [{
instancePath: instancePath + "/technique",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data0 === "patch" || data0 === "spikes" || data0 === "wafer" || data0 === "paint" || data0 === "butter" || data0 === "airbrush" || data0 === "wash" || data0 === "watered" || data0 === "cocoaPaint" || data0 === "shade" || data0 === "dust" || data0 === "cocoa" || data0 === "sponge" || data0 === "blush" || data0 === "outline" || data0 === "pen" || data0 === "eyeWhite" || data0 === "eyeColour" || data0 === "pupil" || data0 === "catchlight" || data0 === "dots" || data0 === "metal" || data0 === "gloss" || data0 === "gel" || data0 === "drip" || data0 === "dirt")) {
validate148.errors = [{
instancePath: instancePath + "/technique",
keyword: "enum",
params: { allowedValues: schema62.properties.technique.enum }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.amount !== void 0) {
let data1 = data.amount;
if (typeof data1 == "number" && isFinite(data1)) {
if (data1 > 1e5 || isNaN(data1)) {
validate148.errors = [{
instancePath: instancePath + "/amount",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1e5
}
}];
return false;
} else if (data1 < .1 || isNaN(data1)) {
validate148.errors = [{
instancePath: instancePath + "/amount",
keyword: "minimum",
params: {
comparison: ">=",
limit: .1
}
}];
return false;
}
} else {
validate148.errors = [{
instancePath: instancePath + "/amount",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.coats !== void 0) {
let data2 = data.coats;
if (!(typeof data2 == "number" && !(data2 % 1) && !isNaN(data2) && isFinite(data2))) {
validate148.errors = [{
instancePath: instancePath + "/coats",
keyword: "type",
params: { type: "integer" }
}];
return false;
}
if (typeof data2 == "number" && isFinite(data2)) {
if (data2 > 6 || isNaN(data2)) {
validate148.errors = [{
instancePath: instancePath + "/coats",
keyword: "maximum",
params: {
comparison: "<=",
limit: 6
}
}];
return false;
} else if (data2 < 1 || isNaN(data2)) {
validate148.errors = [{
instancePath: instancePath + "/coats",
keyword: "minimum",
params: {
comparison: ">=",
limit: 1
}
}];
return false;
}
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.colour !== void 0) {
let data3 = data.colour;
if (typeof data3 === "string") {
if (!pattern10.test(data3)) {
validate148.errors = [{
instancePath: instancePath + "/colour",
keyword: "pattern",
params: { pattern: "^#[0-9a-fA-F]{6}$" }
}];
return false;
}
} else {
validate148.errors = [{
instancePath: instancePath + "/colour",
keyword: "type",
params: { type: "string" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
}
}
}
}
} else {
validate148.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
validate148.errors = vErrors;
return true;
}
validate148.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate147(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate147.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.id === void 0 && (missing0 = "id") || data.title === void 0 && (missing0 = "title") || data.minutes === void 0 && (missing0 = "minutes")) {
validate147.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!func1.call(schema61.properties, key0)) {
validate147.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.id !== void 0) {
let data0 = data.id;
const _errs2 = errors;
if (errors === _errs2) {
if (typeof data0 === "string") {
if (!pattern24.test(data0)) {
validate147.errors = [{
instancePath: instancePath + "/id",
keyword: "pattern",
params: { pattern: "^own:[a-z0-9-]{1,60}$" }
}];
return false;
}
} else {
validate147.errors = [{
instancePath: instancePath + "/id",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.title !== void 0) {
let data1 = data.title;
const _errs4 = errors;
if (errors === _errs4) {
if (typeof data1 === "string") {
if (func2(data1) > 120) {
validate147.errors = [{
instancePath: instancePath + "/title",
keyword: "maxLength",
params: { limit: 120 }
}];
return false;
} else if (func2(data1) < 1) {
validate147.errors = [{
instancePath: instancePath + "/title",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate147.errors = [{
instancePath: instancePath + "/title",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs4 === errors;
} else var valid0 = true;
if (valid0) {
if (data.minutes !== void 0) {
let data2 = data.minutes;
const _errs6 = errors;
if (errors === _errs6) {
if (typeof data2 == "number" && isFinite(data2)) {
if (data2 > 600 || isNaN(data2)) {
validate147.errors = [{
instancePath: instancePath + "/minutes",
keyword: "maximum",
params: {
comparison: "<=",
limit: 600
}
}];
return false;
} else if (data2 < 1 || isNaN(data2)) {
validate147.errors = [{
instancePath: instancePath + "/minutes",
keyword: "minimum",
params: {
comparison: ">=",
limit: 1
}
}];
return false;
}
} else {
validate147.errors = [{
instancePath: instancePath + "/minutes",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs6 === errors;
} else var valid0 = true;
if (valid0) {
if (data.after !== void 0) {
let data3 = data.after;
const _errs8 = errors;
if (errors === _errs8) {
if (typeof data3 === "string") {
if (func2(data3) > 200) {
validate147.errors = [{
instancePath: instancePath + "/after",
keyword: "maxLength",
params: { limit: 200 }
}];
return false;
} else if (func2(data3) < 1) {
validate147.errors = [{
instancePath: instancePath + "/after",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate147.errors = [{
instancePath: instancePath + "/after",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs8 === errors;
} else var valid0 = true;
if (valid0) {
if (data.wait !== void 0) {
let data4 = data.wait;
const _errs10 = errors;
if (errors === _errs10) {
if (typeof data4 == "number" && isFinite(data4)) {
if (data4 > 2e4 || isNaN(data4)) {
validate147.errors = [{
instancePath: instancePath + "/wait",
keyword: "maximum",
params: {
comparison: "<=",
limit: 2e4
}
}];
return false;
} else if (data4 < 0 || isNaN(data4)) {
validate147.errors = [{
instancePath: instancePath + "/wait",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate147.errors = [{
instancePath: instancePath + "/wait",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs10 === errors;
} else var valid0 = true;
if (valid0) {
if (data.before !== void 0) {
let data5 = data.before;
const _errs12 = errors;
if (errors === _errs12) {
if (typeof data5 === "string") {
if (func2(data5) > 200) {
validate147.errors = [{
instancePath: instancePath + "/before",
keyword: "maxLength",
params: { limit: 200 }
}];
return false;
} else if (func2(data5) < 1) {
validate147.errors = [{
instancePath: instancePath + "/before",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate147.errors = [{
instancePath: instancePath + "/before",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs12 === errors;
} else var valid0 = true;
if (valid0) {
if (data.piece !== void 0) {
let data6 = data.piece;
const _errs14 = errors;
if (errors === _errs14) {
if (typeof data6 === "string") {
if (!pattern4.test(data6)) {
validate147.errors = [{
instancePath: instancePath + "/piece",
keyword: "pattern",
params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" }
}];
return false;
}
} else {
validate147.errors = [{
instancePath: instancePath + "/piece",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs14 === errors;
} else var valid0 = true;
if (valid0) {
if (data.work !== void 0) {
let data7 = data.work;
const _errs16 = errors;
if (typeof data7 !== "string") {
validate147.errors = [{
instancePath: instancePath + "/work",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data7 === "paint" || data7 === "line" || data7 === "dust" || data7 === "spray" || data7 === "sponge" || data7 === "snip" || data7 === "mark" || data7 === "press")) {
validate147.errors = [{
instancePath: instancePath + "/work",
keyword: "enum",
params: { allowedValues: schema61.properties.work.enum }
}];
return false;
}
var valid0 = _errs16 === errors;
} else var valid0 = true;
if (valid0) {
if (data.side !== void 0) {
let data8 = data.side;
const _errs18 = errors;
if (typeof data8 !== "string") {
validate147.errors = [{
instancePath: instancePath + "/side",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data8 === "all" || data8 === "front" || data8 === "back" || data8 === "left" || data8 === "right" || data8 === "top" || data8 === "under")) {
validate147.errors = [{
instancePath: instancePath + "/side",
keyword: "enum",
params: { allowedValues: schema61.properties.side.enum }
}];
return false;
}
var valid0 = _errs18 === errors;
} else var valid0 = true;
if (valid0) {
if (data.tool !== void 0) {
let data9 = data.tool;
const _errs20 = errors;
if (typeof data9 !== "string") {
validate147.errors = [{
instancePath: instancePath + "/tool",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data9 === "oven" || data9 === "turntable" || data9 === "airbrush")) {
validate147.errors = [{
instancePath: instancePath + "/tool",
keyword: "enum",
params: { allowedValues: schema61.properties.tool.enum }
}];
return false;
}
var valid0 = _errs20 === errors;
} else var valid0 = true;
if (valid0) {
if (data.finish !== void 0) {
const _errs22 = errors;
if (!validate148(data.finish, {
instancePath: instancePath + "/finish",
parentData: data,
parentDataProperty: "finish",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate148.errors : vErrors.concat(validate148.errors);
errors = vErrors.length;
}
var valid0 = _errs22 === errors;
} else var valid0 = true;
}
}
}
}
}
}
}
}
}
}
}
}
} else {
validate147.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate147.errors = vErrors;
return errors === 0;
}
validate147.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate146(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate146.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (Array.isArray(data)) {
if (data.length > 200) {
validate146.errors = [{
instancePath,
keyword: "maxItems",
params: { limit: 200 }
}];
return false;
} else if (data.length < 0) {
validate146.errors = [{
instancePath,
keyword: "minItems",
params: { limit: 0 }
}];
return false;
} else {
const len0 = data.length;
for (let i0 = 0; i0 < len0; i0++) {
const _errs1 = errors;
if (!validate147(data[i0], {
instancePath: instancePath + "/" + i0,
parentData: data,
parentDataProperty: i0,
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate147.errors : vErrors.concat(validate147.errors);
errors = vErrors.length;
}
if (!(_errs1 === errors)) break;
}
}
} else {
validate146.errors = [{
instancePath,
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
validate146.errors = vErrors;
return errors === 0;
}
validate146.evaluated = {
"items": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate145(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate145.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.own === void 0 && (missing0 = "own") || data.minutes === void 0 && (missing0 = "minutes") || data.left === void 0 && (missing0 = "left")) {
validate145.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!(key0 === "own" || key0 === "minutes" || key0 === "left" || key0 === "pins" || key0 === "rather" || key0 === "parts" || key0 === "joined" || key0 === "agreed")) {
validate145.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.own !== void 0) {
const _errs2 = errors;
if (!validate146(data.own, {
instancePath: instancePath + "/own",
parentData: data,
parentDataProperty: "own",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate146.errors : vErrors.concat(validate146.errors);
errors = vErrors.length;
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.minutes !== void 0) {
let data1 = data.minutes;
const _errs3 = errors;
if (errors === _errs3) {
if (data1 && typeof data1 == "object" && !Array.isArray(data1)) {
if (Object.keys(data1).length > 1e3) {
validate145.errors = [{
instancePath: instancePath + "/minutes",
keyword: "maxProperties",
params: { limit: 1e3 }
}];
return false;
} else for (const key1 in data1) {
let data2 = data1[key1];
const _errs6 = errors;
if (errors === _errs6) {
if (typeof data2 == "number" && isFinite(data2)) {
if (data2 > 600 || isNaN(data2)) {
validate145.errors = [{
instancePath: instancePath + "/minutes/" + key1.replace(/~/g, "~0").replace(/\//g, "~1"),
keyword: "maximum",
params: {
comparison: "<=",
limit: 600
}
}];
return false;
} else if (data2 < 1 || isNaN(data2)) {
validate145.errors = [{
instancePath: instancePath + "/minutes/" + key1.replace(/~/g, "~0").replace(/\//g, "~1"),
keyword: "minimum",
params: {
comparison: ">=",
limit: 1
}
}];
return false;
}
} else {
validate145.errors = [{
instancePath: instancePath + "/minutes/" + key1.replace(/~/g, "~0").replace(/\//g, "~1"),
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
if (!(_errs6 === errors)) break;
}
} else {
validate145.errors = [{
instancePath: instancePath + "/minutes",
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
var valid0 = _errs3 === errors;
} else var valid0 = true;
if (valid0) {
if (data.left !== void 0) {
let data3 = data.left;
const _errs8 = errors;
if (errors === _errs8) {
if (Array.isArray(data3)) {
if (data3.length > 1e3) {
validate145.errors = [{
instancePath: instancePath + "/left",
keyword: "maxItems",
params: { limit: 1e3 }
}];
return false;
} else if (data3.length < 0) {
validate145.errors = [{
instancePath: instancePath + "/left",
keyword: "minItems",
params: { limit: 0 }
}];
return false;
} else {
const len0 = data3.length;
for (let i0 = 0; i0 < len0; i0++) {
let data4 = data3[i0];
const _errs10 = errors;
if (errors === _errs10) {
if (typeof data4 === "string") {
if (func2(data4) > 200) {
validate145.errors = [{
instancePath: instancePath + "/left/" + i0,
keyword: "maxLength",
params: { limit: 200 }
}];
return false;
} else if (func2(data4) < 1) {
validate145.errors = [{
instancePath: instancePath + "/left/" + i0,
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate145.errors = [{
instancePath: instancePath + "/left/" + i0,
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
if (!(_errs10 === errors)) break;
}
}
} else {
validate145.errors = [{
instancePath: instancePath + "/left",
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
var valid0 = _errs8 === errors;
} else var valid0 = true;
if (valid0) {
if (data.pins !== void 0) {
let data5 = data.pins;
const _errs12 = errors;
if (errors === _errs12) {
if (data5 && typeof data5 == "object" && !Array.isArray(data5)) {
if (Object.keys(data5).length > 300) {
validate145.errors = [{
instancePath: instancePath + "/pins",
keyword: "maxProperties",
params: { limit: 300 }
}];
return false;
} else for (const key2 in data5) {
const _errs15 = errors;
if (!validate54(data5[key2], {
instancePath: instancePath + "/pins/" + key2.replace(/~/g, "~0").replace(/\//g, "~1"),
parentData: data5,
parentDataProperty: key2,
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate54.errors : vErrors.concat(validate54.errors);
errors = vErrors.length;
}
if (!(_errs15 === errors)) break;
}
} else {
validate145.errors = [{
instancePath: instancePath + "/pins",
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
var valid0 = _errs12 === errors;
} else var valid0 = true;
if (valid0) {
if (data.rather !== void 0) {
let data7 = data.rather;
const _errs16 = errors;
if (typeof data7 !== "string") {
validate145.errors = [{
instancePath: instancePath + "/rather",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data7 === "fewer" || data7 === "later" || data7 === "nights" || data7 === "fresher")) {
validate145.errors = [{
instancePath: instancePath + "/rather",
keyword: "enum",
params: { allowedValues: schema59.properties.rather.enum }
}];
return false;
}
var valid0 = _errs16 === errors;
} else var valid0 = true;
if (valid0) {
if (data.parts !== void 0) {
let data8 = data.parts;
const _errs18 = errors;
if (errors === _errs18) {
if (data8 && typeof data8 == "object" && !Array.isArray(data8)) {
if (Object.keys(data8).length > 300) {
validate145.errors = [{
instancePath: instancePath + "/parts",
keyword: "maxProperties",
params: { limit: 300 }
}];
return false;
} else for (const key3 in data8) {
let data9 = data8[key3];
const _errs21 = errors;
if (!(typeof data9 == "number" && !(data9 % 1) && !isNaN(data9) && isFinite(data9))) {
validate145.errors = [{
instancePath: instancePath + "/parts/" + key3.replace(/~/g, "~0").replace(/\//g, "~1"),
keyword: "type",
params: { type: "integer" }
}];
return false;
}
if (errors === _errs21) {
if (typeof data9 == "number" && isFinite(data9)) {
if (data9 > 12 || isNaN(data9)) {
validate145.errors = [{
instancePath: instancePath + "/parts/" + key3.replace(/~/g, "~0").replace(/\//g, "~1"),
keyword: "maximum",
params: {
comparison: "<=",
limit: 12
}
}];
return false;
} else if (data9 < 1 || isNaN(data9)) {
validate145.errors = [{
instancePath: instancePath + "/parts/" + key3.replace(/~/g, "~0").replace(/\//g, "~1"),
keyword: "minimum",
params: {
comparison: ">=",
limit: 1
}
}];
return false;
}
}
}
if (!(_errs21 === errors)) break;
}
} else {
validate145.errors = [{
instancePath: instancePath + "/parts",
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
var valid0 = _errs18 === errors;
} else var valid0 = true;
if (valid0) {
if (data.joined !== void 0) {
let data10 = data.joined;
const _errs23 = errors;
if (errors === _errs23) {
if (Array.isArray(data10)) {
if (data10.length > 100) {
validate145.errors = [{
instancePath: instancePath + "/joined",
keyword: "maxItems",
params: { limit: 100 }
}];
return false;
} else if (data10.length < 0) {
validate145.errors = [{
instancePath: instancePath + "/joined",
keyword: "minItems",
params: { limit: 0 }
}];
return false;
} else {
const len1 = data10.length;
for (let i1 = 0; i1 < len1; i1++) {
let data11 = data10[i1];
const _errs25 = errors;
if (errors === _errs25) {
if (Array.isArray(data11)) {
if (data11.length > 12) {
validate145.errors = [{
instancePath: instancePath + "/joined/" + i1,
keyword: "maxItems",
params: { limit: 12 }
}];
return false;
} else if (data11.length < 2) {
validate145.errors = [{
instancePath: instancePath + "/joined/" + i1,
keyword: "minItems",
params: { limit: 2 }
}];
return false;
} else {
const len2 = data11.length;
for (let i2 = 0; i2 < len2; i2++) {
let data12 = data11[i2];
const _errs27 = errors;
if (errors === _errs27) {
if (typeof data12 === "string") {
if (func2(data12) > 200) {
validate145.errors = [{
instancePath: instancePath + "/joined/" + i1 + "/" + i2,
keyword: "maxLength",
params: { limit: 200 }
}];
return false;
} else if (func2(data12) < 1) {
validate145.errors = [{
instancePath: instancePath + "/joined/" + i1 + "/" + i2,
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate145.errors = [{
instancePath: instancePath + "/joined/" + i1 + "/" + i2,
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
if (!(_errs27 === errors)) break;
}
}
} else {
validate145.errors = [{
instancePath: instancePath + "/joined/" + i1,
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
if (!(_errs25 === errors)) break;
}
}
} else {
validate145.errors = [{
instancePath: instancePath + "/joined",
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
var valid0 = _errs23 === errors;
} else var valid0 = true;
if (valid0) {
if (data.agreed !== void 0) {
let data13 = data.agreed;
const _errs29 = errors;
if (errors === _errs29) {
if (data13 && typeof data13 == "object" && !Array.isArray(data13)) {
if (Object.keys(data13).length > 1e3) {
validate145.errors = [{
instancePath: instancePath + "/agreed",
keyword: "maxProperties",
params: { limit: 1e3 }
}];
return false;
} else for (const key4 in data13) {
const _errs32 = errors;
if (!validate54(data13[key4], {
instancePath: instancePath + "/agreed/" + key4.replace(/~/g, "~0").replace(/\//g, "~1"),
parentData: data13,
parentDataProperty: key4,
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate54.errors : vErrors.concat(validate54.errors);
errors = vErrors.length;
}
if (!(_errs32 === errors)) break;
}
} else {
validate145.errors = [{
instancePath: instancePath + "/agreed",
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
var valid0 = _errs29 === errors;
} else var valid0 = true;
}
}
}
}
}
}
}
}
}
} else {
validate145.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate145.errors = vErrors;
return errors === 0;
}
validate145.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
const pattern27 = /* @__PURE__ */ new RegExp("^([01]\\d|2[0-3]):[0-5]\\d$", "u");
function validate155(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate155.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (Array.isArray(data)) {
if (data.length > 60) {
validate155.errors = [{
instancePath,
keyword: "maxItems",
params: { limit: 60 }
}];
return false;
} else if (data.length < 0) {
validate155.errors = [{
instancePath,
keyword: "minItems",
params: { limit: 0 }
}];
return false;
} else {
const len0 = data.length;
for (let i0 = 0; i0 < len0; i0++) {
let data0 = data[i0];
if (data0 && typeof data0 == "object" && !Array.isArray(data0)) {
let missing0;
if (data0.day === void 0 && (missing0 = "day") || data0.from === void 0 && (missing0 = "from") || data0.to === void 0 && (missing0 = "to")) {
validate155.errors = [{
instancePath: instancePath + "/" + i0,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
for (const key0 in data0) if (!(key0 === "day" || key0 === "from" || key0 === "to" || key0 === "ifNeeded")) {
validate155.errors = [{
instancePath: instancePath + "/" + i0,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (data0.day !== void 0) {
let data1 = data0.day;
if (!(typeof data1 == "number" && !(data1 % 1) && !isNaN(data1) && isFinite(data1))) {
validate155.errors = [{
instancePath: instancePath + "/" + i0 + "/day",
keyword: "type",
params: { type: "integer" }
}];
return false;
}
if (typeof data1 == "number" && isFinite(data1)) {
if (data1 > 7 || isNaN(data1)) {
validate155.errors = [{
instancePath: instancePath + "/" + i0 + "/day",
keyword: "maximum",
params: {
comparison: "<=",
limit: 7
}
}];
return false;
} else if (data1 < 1 || isNaN(data1)) {
validate155.errors = [{
instancePath: instancePath + "/" + i0 + "/day",
keyword: "minimum",
params: {
comparison: ">=",
limit: 1
}
}];
return false;
}
}
var valid1 = true;
} else var valid1 = true;
if (valid1) {
if (data0.from !== void 0) {
let data2 = data0.from;
if (typeof data2 === "string") {
if (!pattern27.test(data2)) {
validate155.errors = [{
instancePath: instancePath + "/" + i0 + "/from",
keyword: "pattern",
params: { pattern: "^([01]\\d|2[0-3]):[0-5]\\d$" }
}];
return false;
}
} else {
validate155.errors = [{
instancePath: instancePath + "/" + i0 + "/from",
keyword: "type",
params: { type: "string" }
}];
return false;
}
var valid1 = true;
} else var valid1 = true;
if (valid1) {
if (data0.to !== void 0) {
let data3 = data0.to;
if (typeof data3 === "string") {
if (!pattern27.test(data3)) {
validate155.errors = [{
instancePath: instancePath + "/" + i0 + "/to",
keyword: "pattern",
params: { pattern: "^([01]\\d|2[0-3]):[0-5]\\d$" }
}];
return false;
}
} else {
validate155.errors = [{
instancePath: instancePath + "/" + i0 + "/to",
keyword: "type",
params: { type: "string" }
}];
return false;
}
var valid1 = true;
} else var valid1 = true;
if (valid1) {
if (data0.ifNeeded !== void 0) {
if (typeof data0.ifNeeded !== "boolean") {
validate155.errors = [{
instancePath: instancePath + "/" + i0 + "/ifNeeded",
keyword: "type",
params: { type: "boolean" }
}];
return false;
}
var valid1 = true;
} else var valid1 = true;
}
}
}
}
} else {
validate155.errors = [{
instancePath: instancePath + "/" + i0,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
}
} else {
validate155.errors = [{
instancePath,
keyword: "type",
params: { type: "array" }
}];
return false;
}
validate155.errors = vErrors;
return true;
}
validate155.evaluated = {
"items": true,
"dynamicProps": false,
"dynamicItems": false
};
const pattern29 = /* @__PURE__ */ new RegExp("^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$", "u");
function validate158(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate158.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (typeof data === "string") {
if (!pattern29.test(data)) {
validate158.errors = [{
instancePath,
keyword: "pattern",
params: { pattern: "^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$" }
}];
return false;
}
} else {
validate158.errors = [{
instancePath,
keyword: "type",
params: { type: "string" }
}];
return false;
}
validate158.errors = vErrors;
return true;
}
validate158.evaluated = {
"dynamicProps": false,
"dynamicItems": false
};
function validate157(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate157.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (Array.isArray(data)) {
if (data.length > 200) {
validate157.errors = [{
instancePath,
keyword: "maxItems",
params: { limit: 200 }
}];
return false;
} else if (data.length < 1) {
validate157.errors = [{
instancePath,
keyword: "minItems",
params: { limit: 1 }
}];
return false;
} else {
const len0 = data.length;
for (let i0 = 0; i0 < len0; i0++) {
let data0 = data[i0];
const _errs1 = errors;
if (errors === _errs1) {
if (data0 && typeof data0 == "object" && !Array.isArray(data0)) {
let missing0;
if (data0.date === void 0 && (missing0 = "date")) {
validate157.errors = [{
instancePath: instancePath + "/" + i0,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs3 = errors;
for (const key0 in data0) if (!(key0 === "date" || key0 === "from" || key0 === "to")) {
validate157.errors = [{
instancePath: instancePath + "/" + i0,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs3 === errors) {
if (data0.date !== void 0) {
const _errs4 = errors;
if (!validate158(data0.date, {
instancePath: instancePath + "/" + i0 + "/date",
parentData: data0,
parentDataProperty: "date",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate158.errors : vErrors.concat(validate158.errors);
errors = vErrors.length;
}
var valid1 = _errs4 === errors;
} else var valid1 = true;
if (valid1) {
if (data0.from !== void 0) {
let data2 = data0.from;
const _errs5 = errors;
if (errors === _errs5) {
if (typeof data2 === "string") {
if (!pattern27.test(data2)) {
validate157.errors = [{
instancePath: instancePath + "/" + i0 + "/from",
keyword: "pattern",
params: { pattern: "^([01]\\d|2[0-3]):[0-5]\\d$" }
}];
return false;
}
} else {
validate157.errors = [{
instancePath: instancePath + "/" + i0 + "/from",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid1 = _errs5 === errors;
} else var valid1 = true;
if (valid1) {
if (data0.to !== void 0) {
let data3 = data0.to;
const _errs7 = errors;
if (errors === _errs7) {
if (typeof data3 === "string") {
if (!pattern27.test(data3)) {
validate157.errors = [{
instancePath: instancePath + "/" + i0 + "/to",
keyword: "pattern",
params: { pattern: "^([01]\\d|2[0-3]):[0-5]\\d$" }
}];
return false;
}
} else {
validate157.errors = [{
instancePath: instancePath + "/" + i0 + "/to",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid1 = _errs7 === errors;
} else var valid1 = true;
}
}
}
}
} else {
validate157.errors = [{
instancePath: instancePath + "/" + i0,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
if (!(_errs1 === errors)) break;
}
}
} else {
validate157.errors = [{
instancePath,
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
validate157.errors = vErrors;
return errors === 0;
}
validate157.evaluated = {
"items": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate161(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate161.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.spare === void 0 && (missing0 = "spare") || data.powderBulk === void 0 && (missing0 = "powderBulk") || data.spoon === void 0 && (missing0 = "spoon") || data.smallestBatch === void 0 && (missing0 = "smallestBatch") || data.saves === void 0 && (missing0 = "saves") || data.pace === void 0 && (missing0 = "pace")) {
validate161.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
for (const key0 in data) if (!(key0 === "spare" || key0 === "powderBulk" || key0 === "spoon" || key0 === "smallestBatch" || key0 === "saves" || key0 === "pace")) {
validate161.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (data.spare !== void 0) {
let data0 = data.spare;
if (typeof data0 == "number" && isFinite(data0)) {
if (data0 > 100 || isNaN(data0)) {
validate161.errors = [{
instancePath: instancePath + "/spare",
keyword: "maximum",
params: {
comparison: "<=",
limit: 100
}
}];
return false;
} else if (data0 < 0 || isNaN(data0)) {
validate161.errors = [{
instancePath: instancePath + "/spare",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate161.errors = [{
instancePath: instancePath + "/spare",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.powderBulk !== void 0) {
let data1 = data.powderBulk;
if (typeof data1 == "number" && isFinite(data1)) {
if (data1 > 1.2 || isNaN(data1)) {
validate161.errors = [{
instancePath: instancePath + "/powderBulk",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1.2
}
}];
return false;
} else if (data1 < .2 || isNaN(data1)) {
validate161.errors = [{
instancePath: instancePath + "/powderBulk",
keyword: "minimum",
params: {
comparison: ">=",
limit: .2
}
}];
return false;
}
} else {
validate161.errors = [{
instancePath: instancePath + "/powderBulk",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.spoon !== void 0) {
let data2 = data.spoon;
if (typeof data2 == "number" && isFinite(data2)) {
if (data2 > 25 || isNaN(data2)) {
validate161.errors = [{
instancePath: instancePath + "/spoon",
keyword: "maximum",
params: {
comparison: "<=",
limit: 25
}
}];
return false;
} else if (data2 < 1 || isNaN(data2)) {
validate161.errors = [{
instancePath: instancePath + "/spoon",
keyword: "minimum",
params: {
comparison: ">=",
limit: 1
}
}];
return false;
}
} else {
validate161.errors = [{
instancePath: instancePath + "/spoon",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.smallestBatch !== void 0) {
let data3 = data.smallestBatch;
if (typeof data3 == "number" && isFinite(data3)) {
if (data3 > 500 || isNaN(data3)) {
validate161.errors = [{
instancePath: instancePath + "/smallestBatch",
keyword: "maximum",
params: {
comparison: "<=",
limit: 500
}
}];
return false;
} else if (data3 < 0 || isNaN(data3)) {
validate161.errors = [{
instancePath: instancePath + "/smallestBatch",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate161.errors = [{
instancePath: instancePath + "/smallestBatch",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.saves !== void 0) {
if (typeof data.saves !== "boolean") {
validate161.errors = [{
instancePath: instancePath + "/saves",
keyword: "type",
params: { type: "boolean" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.pace !== void 0) {
let data5 = data.pace;
if (typeof data5 == "number" && isFinite(data5)) {
if (data5 > 4 || isNaN(data5)) {
validate161.errors = [{
instancePath: instancePath + "/pace",
keyword: "maximum",
params: {
comparison: "<=",
limit: 4
}
}];
return false;
} else if (data5 < .3 || isNaN(data5)) {
validate161.errors = [{
instancePath: instancePath + "/pace",
keyword: "minimum",
params: {
comparison: ">=",
limit: .3
}
}];
return false;
}
} else {
validate161.errors = [{
instancePath: instancePath + "/pace",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
}
}
}
}
}
}
} else {
validate161.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
validate161.errors = vErrors;
return true;
}
validate161.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
const schema69 = {
"additionalProperties": false,
"type": "object",
"required": [
"id",
"name",
"hours",
"pace"
],
"properties": {
"id": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"name": {
"maxLength": 120,
"minLength": 1,
"type": "string"
},
"hours": { "$ref": "#/$defs/array44" },
"pace": {
"type": "number",
"minimum": .3,
"maximum": 4
},
"does": {
"maxItems": 11,
"minItems": 0,
"type": "array",
"items": {
"type": "string",
"enum": [
"glue",
"bake",
"cake",
"mix",
"cover",
"bones",
"shape",
"texture",
"join",
"finish",
"pack"
]
}
}
}
};
function validate165(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate165.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.id === void 0 && (missing0 = "id") || data.name === void 0 && (missing0 = "name") || data.hours === void 0 && (missing0 = "hours") || data.pace === void 0 && (missing0 = "pace")) {
validate165.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!(key0 === "id" || key0 === "name" || key0 === "hours" || key0 === "pace" || key0 === "does")) {
validate165.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.id !== void 0) {
let data0 = data.id;
const _errs2 = errors;
if (errors === _errs2) {
if (typeof data0 === "string") {
if (!pattern4.test(data0)) {
validate165.errors = [{
instancePath: instancePath + "/id",
keyword: "pattern",
params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" }
}];
return false;
}
} else {
validate165.errors = [{
instancePath: instancePath + "/id",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.name !== void 0) {
let data1 = data.name;
const _errs4 = errors;
if (errors === _errs4) {
if (typeof data1 === "string") {
if (func2(data1) > 120) {
validate165.errors = [{
instancePath: instancePath + "/name",
keyword: "maxLength",
params: { limit: 120 }
}];
return false;
} else if (func2(data1) < 1) {
validate165.errors = [{
instancePath: instancePath + "/name",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate165.errors = [{
instancePath: instancePath + "/name",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs4 === errors;
} else var valid0 = true;
if (valid0) {
if (data.hours !== void 0) {
const _errs6 = errors;
if (!validate155(data.hours, {
instancePath: instancePath + "/hours",
parentData: data,
parentDataProperty: "hours",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate155.errors : vErrors.concat(validate155.errors);
errors = vErrors.length;
}
var valid0 = _errs6 === errors;
} else var valid0 = true;
if (valid0) {
if (data.pace !== void 0) {
let data3 = data.pace;
const _errs7 = errors;
if (errors === _errs7) {
if (typeof data3 == "number" && isFinite(data3)) {
if (data3 > 4 || isNaN(data3)) {
validate165.errors = [{
instancePath: instancePath + "/pace",
keyword: "maximum",
params: {
comparison: "<=",
limit: 4
}
}];
return false;
} else if (data3 < .3 || isNaN(data3)) {
validate165.errors = [{
instancePath: instancePath + "/pace",
keyword: "minimum",
params: {
comparison: ">=",
limit: .3
}
}];
return false;
}
} else {
validate165.errors = [{
instancePath: instancePath + "/pace",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs7 === errors;
} else var valid0 = true;
if (valid0) {
if (data.does !== void 0) {
let data4 = data.does;
const _errs9 = errors;
if (errors === _errs9) {
if (Array.isArray(data4)) {
if (data4.length > 11) {
validate165.errors = [{
instancePath: instancePath + "/does",
keyword: "maxItems",
params: { limit: 11 }
}];
return false;
} else if (data4.length < 0) {
validate165.errors = [{
instancePath: instancePath + "/does",
keyword: "minItems",
params: { limit: 0 }
}];
return false;
} else {
const len0 = data4.length;
for (let i0 = 0; i0 < len0; i0++) {
let data5 = data4[i0];
const _errs11 = errors;
if (typeof data5 !== "string") {
validate165.errors = [{
instancePath: instancePath + "/does/" + i0,
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data5 === "glue" || data5 === "bake" || data5 === "cake" || data5 === "mix" || data5 === "cover" || data5 === "bones" || data5 === "shape" || data5 === "texture" || data5 === "join" || data5 === "finish" || data5 === "pack")) {
validate165.errors = [{
instancePath: instancePath + "/does/" + i0,
keyword: "enum",
params: { allowedValues: schema69.properties.does.items.enum }
}];
return false;
}
if (!(_errs11 === errors)) break;
}
}
} else {
validate165.errors = [{
instancePath: instancePath + "/does",
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
var valid0 = _errs9 === errors;
} else var valid0 = true;
}
}
}
}
}
}
} else {
validate165.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate165.errors = vErrors;
return errors === 0;
}
validate165.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate164(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate164.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (Array.isArray(data)) {
if (data.length > 8) {
validate164.errors = [{
instancePath,
keyword: "maxItems",
params: { limit: 8 }
}];
return false;
} else if (data.length < 0) {
validate164.errors = [{
instancePath,
keyword: "minItems",
params: { limit: 0 }
}];
return false;
} else {
const len0 = data.length;
for (let i0 = 0; i0 < len0; i0++) {
const _errs1 = errors;
if (!validate165(data[i0], {
instancePath: instancePath + "/" + i0,
parentData: data,
parentDataProperty: i0,
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate165.errors : vErrors.concat(validate165.errors);
errors = vErrors.length;
}
if (!(_errs1 === errors)) break;
}
}
} else {
validate164.errors = [{
instancePath,
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
validate164.errors = vErrors;
return errors === 0;
}
validate164.evaluated = {
"items": true,
"dynamicProps": false,
"dynamicItems": false
};
const schema70 = {
"additionalProperties": false,
"type": "object",
"properties": {
"glue": {
"type": "number",
"minimum": .2,
"maximum": 5
},
"bake": {
"type": "number",
"minimum": .2,
"maximum": 5
},
"cake": {
"type": "number",
"minimum": .2,
"maximum": 5
},
"mix": {
"type": "number",
"minimum": .2,
"maximum": 5
},
"cover": {
"type": "number",
"minimum": .2,
"maximum": 5
},
"bones": {
"type": "number",
"minimum": .2,
"maximum": 5
},
"shape": {
"type": "number",
"minimum": .2,
"maximum": 5
},
"texture": {
"type": "number",
"minimum": .2,
"maximum": 5
},
"join": {
"type": "number",
"minimum": .2,
"maximum": 5
},
"finish": {
"type": "number",
"minimum": .2,
"maximum": 5
},
"pack": {
"type": "number",
"minimum": .2,
"maximum": 5
}
}
};
function validate169(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate169.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (data && typeof data == "object" && !Array.isArray(data)) {
for (const key0 in data) if (!func1.call(schema70.properties, key0)) {
validate169.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (data.glue !== void 0) {
let data0 = data.glue;
if (typeof data0 == "number" && isFinite(data0)) {
if (data0 > 5 || isNaN(data0)) {
validate169.errors = [{
instancePath: instancePath + "/glue",
keyword: "maximum",
params: {
comparison: "<=",
limit: 5
}
}];
return false;
} else if (data0 < .2 || isNaN(data0)) {
validate169.errors = [{
instancePath: instancePath + "/glue",
keyword: "minimum",
params: {
comparison: ">=",
limit: .2
}
}];
return false;
}
} else {
validate169.errors = [{
instancePath: instancePath + "/glue",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.bake !== void 0) {
let data1 = data.bake;
if (typeof data1 == "number" && isFinite(data1)) {
if (data1 > 5 || isNaN(data1)) {
validate169.errors = [{
instancePath: instancePath + "/bake",
keyword: "maximum",
params: {
comparison: "<=",
limit: 5
}
}];
return false;
} else if (data1 < .2 || isNaN(data1)) {
validate169.errors = [{
instancePath: instancePath + "/bake",
keyword: "minimum",
params: {
comparison: ">=",
limit: .2
}
}];
return false;
}
} else {
validate169.errors = [{
instancePath: instancePath + "/bake",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.cake !== void 0) {
let data2 = data.cake;
if (typeof data2 == "number" && isFinite(data2)) {
if (data2 > 5 || isNaN(data2)) {
validate169.errors = [{
instancePath: instancePath + "/cake",
keyword: "maximum",
params: {
comparison: "<=",
limit: 5
}
}];
return false;
} else if (data2 < .2 || isNaN(data2)) {
validate169.errors = [{
instancePath: instancePath + "/cake",
keyword: "minimum",
params: {
comparison: ">=",
limit: .2
}
}];
return false;
}
} else {
validate169.errors = [{
instancePath: instancePath + "/cake",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.mix !== void 0) {
let data3 = data.mix;
if (typeof data3 == "number" && isFinite(data3)) {
if (data3 > 5 || isNaN(data3)) {
validate169.errors = [{
instancePath: instancePath + "/mix",
keyword: "maximum",
params: {
comparison: "<=",
limit: 5
}
}];
return false;
} else if (data3 < .2 || isNaN(data3)) {
validate169.errors = [{
instancePath: instancePath + "/mix",
keyword: "minimum",
params: {
comparison: ">=",
limit: .2
}
}];
return false;
}
} else {
validate169.errors = [{
instancePath: instancePath + "/mix",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.cover !== void 0) {
let data4 = data.cover;
if (typeof data4 == "number" && isFinite(data4)) {
if (data4 > 5 || isNaN(data4)) {
validate169.errors = [{
instancePath: instancePath + "/cover",
keyword: "maximum",
params: {
comparison: "<=",
limit: 5
}
}];
return false;
} else if (data4 < .2 || isNaN(data4)) {
validate169.errors = [{
instancePath: instancePath + "/cover",
keyword: "minimum",
params: {
comparison: ">=",
limit: .2
}
}];
return false;
}
} else {
validate169.errors = [{
instancePath: instancePath + "/cover",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.bones !== void 0) {
let data5 = data.bones;
if (typeof data5 == "number" && isFinite(data5)) {
if (data5 > 5 || isNaN(data5)) {
validate169.errors = [{
instancePath: instancePath + "/bones",
keyword: "maximum",
params: {
comparison: "<=",
limit: 5
}
}];
return false;
} else if (data5 < .2 || isNaN(data5)) {
validate169.errors = [{
instancePath: instancePath + "/bones",
keyword: "minimum",
params: {
comparison: ">=",
limit: .2
}
}];
return false;
}
} else {
validate169.errors = [{
instancePath: instancePath + "/bones",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.shape !== void 0) {
let data6 = data.shape;
if (typeof data6 == "number" && isFinite(data6)) {
if (data6 > 5 || isNaN(data6)) {
validate169.errors = [{
instancePath: instancePath + "/shape",
keyword: "maximum",
params: {
comparison: "<=",
limit: 5
}
}];
return false;
} else if (data6 < .2 || isNaN(data6)) {
validate169.errors = [{
instancePath: instancePath + "/shape",
keyword: "minimum",
params: {
comparison: ">=",
limit: .2
}
}];
return false;
}
} else {
validate169.errors = [{
instancePath: instancePath + "/shape",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.texture !== void 0) {
let data7 = data.texture;
if (typeof data7 == "number" && isFinite(data7)) {
if (data7 > 5 || isNaN(data7)) {
validate169.errors = [{
instancePath: instancePath + "/texture",
keyword: "maximum",
params: {
comparison: "<=",
limit: 5
}
}];
return false;
} else if (data7 < .2 || isNaN(data7)) {
validate169.errors = [{
instancePath: instancePath + "/texture",
keyword: "minimum",
params: {
comparison: ">=",
limit: .2
}
}];
return false;
}
} else {
validate169.errors = [{
instancePath: instancePath + "/texture",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.join !== void 0) {
let data8 = data.join;
if (typeof data8 == "number" && isFinite(data8)) {
if (data8 > 5 || isNaN(data8)) {
validate169.errors = [{
instancePath: instancePath + "/join",
keyword: "maximum",
params: {
comparison: "<=",
limit: 5
}
}];
return false;
} else if (data8 < .2 || isNaN(data8)) {
validate169.errors = [{
instancePath: instancePath + "/join",
keyword: "minimum",
params: {
comparison: ">=",
limit: .2
}
}];
return false;
}
} else {
validate169.errors = [{
instancePath: instancePath + "/join",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.finish !== void 0) {
let data9 = data.finish;
if (typeof data9 == "number" && isFinite(data9)) {
if (data9 > 5 || isNaN(data9)) {
validate169.errors = [{
instancePath: instancePath + "/finish",
keyword: "maximum",
params: {
comparison: "<=",
limit: 5
}
}];
return false;
} else if (data9 < .2 || isNaN(data9)) {
validate169.errors = [{
instancePath: instancePath + "/finish",
keyword: "minimum",
params: {
comparison: ">=",
limit: .2
}
}];
return false;
}
} else {
validate169.errors = [{
instancePath: instancePath + "/finish",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.pack !== void 0) {
let data10 = data.pack;
if (typeof data10 == "number" && isFinite(data10)) {
if (data10 > 5 || isNaN(data10)) {
validate169.errors = [{
instancePath: instancePath + "/pack",
keyword: "maximum",
params: {
comparison: "<=",
limit: 5
}
}];
return false;
} else if (data10 < .2 || isNaN(data10)) {
validate169.errors = [{
instancePath: instancePath + "/pack",
keyword: "minimum",
params: {
comparison: ">=",
limit: .2
}
}];
return false;
}
} else {
validate169.errors = [{
instancePath: instancePath + "/pack",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
}
}
}
}
}
}
}
}
}
}
} else {
validate169.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
validate169.errors = vErrors;
return true;
}
validate169.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate163(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate163.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.helpers === void 0 && (missing0 = "helpers") || data.tools === void 0 && (missing0 = "tools") || data.space === void 0 && (missing0 = "space")) {
validate163.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!(key0 === "helpers" || key0 === "tools" || key0 === "space" || key0 === "paces")) {
validate163.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.helpers !== void 0) {
const _errs2 = errors;
if (!validate164(data.helpers, {
instancePath: instancePath + "/helpers",
parentData: data,
parentDataProperty: "helpers",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate164.errors : vErrors.concat(validate164.errors);
errors = vErrors.length;
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.tools !== void 0) {
let data1 = data.tools;
const _errs3 = errors;
if (errors === _errs3) {
if (data1 && typeof data1 == "object" && !Array.isArray(data1)) {
const _errs5 = errors;
for (const key1 in data1) if (!(key1 === "oven" || key1 === "turntable" || key1 === "airbrush")) {
validate163.errors = [{
instancePath: instancePath + "/tools",
keyword: "additionalProperties",
params: { additionalProperty: key1 }
}];
return false;
}
if (_errs5 === errors) {
if (data1.oven !== void 0) {
let data2 = data1.oven;
const _errs6 = errors;
if (!(typeof data2 == "number" && !(data2 % 1) && !isNaN(data2) && isFinite(data2))) {
validate163.errors = [{
instancePath: instancePath + "/tools/oven",
keyword: "type",
params: { type: "integer" }
}];
return false;
}
if (errors === _errs6) {
if (typeof data2 == "number" && isFinite(data2)) {
if (data2 > 20 || isNaN(data2)) {
validate163.errors = [{
instancePath: instancePath + "/tools/oven",
keyword: "maximum",
params: {
comparison: "<=",
limit: 20
}
}];
return false;
} else if (data2 < 0 || isNaN(data2)) {
validate163.errors = [{
instancePath: instancePath + "/tools/oven",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
}
}
var valid1 = _errs6 === errors;
} else var valid1 = true;
if (valid1) {
if (data1.turntable !== void 0) {
let data3 = data1.turntable;
const _errs8 = errors;
if (!(typeof data3 == "number" && !(data3 % 1) && !isNaN(data3) && isFinite(data3))) {
validate163.errors = [{
instancePath: instancePath + "/tools/turntable",
keyword: "type",
params: { type: "integer" }
}];
return false;
}
if (errors === _errs8) {
if (typeof data3 == "number" && isFinite(data3)) {
if (data3 > 20 || isNaN(data3)) {
validate163.errors = [{
instancePath: instancePath + "/tools/turntable",
keyword: "maximum",
params: {
comparison: "<=",
limit: 20
}
}];
return false;
} else if (data3 < 0 || isNaN(data3)) {
validate163.errors = [{
instancePath: instancePath + "/tools/turntable",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
}
}
var valid1 = _errs8 === errors;
} else var valid1 = true;
if (valid1) {
if (data1.airbrush !== void 0) {
let data4 = data1.airbrush;
const _errs10 = errors;
if (!(typeof data4 == "number" && !(data4 % 1) && !isNaN(data4) && isFinite(data4))) {
validate163.errors = [{
instancePath: instancePath + "/tools/airbrush",
keyword: "type",
params: { type: "integer" }
}];
return false;
}
if (errors === _errs10) {
if (typeof data4 == "number" && isFinite(data4)) {
if (data4 > 20 || isNaN(data4)) {
validate163.errors = [{
instancePath: instancePath + "/tools/airbrush",
keyword: "maximum",
params: {
comparison: "<=",
limit: 20
}
}];
return false;
} else if (data4 < 0 || isNaN(data4)) {
validate163.errors = [{
instancePath: instancePath + "/tools/airbrush",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
}
}
var valid1 = _errs10 === errors;
} else var valid1 = true;
}
}
}
} else {
validate163.errors = [{
instancePath: instancePath + "/tools",
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
var valid0 = _errs3 === errors;
} else var valid0 = true;
if (valid0) {
if (data.space !== void 0) {
let data5 = data.space;
const _errs12 = errors;
if (errors === _errs12) {
if (data5 && typeof data5 == "object" && !Array.isArray(data5)) {
const _errs14 = errors;
for (const key2 in data5) if (!(key2 === "rack" || key2 === "fridge" || key2 === "freezer" || key2 === "box")) {
validate163.errors = [{
instancePath: instancePath + "/space",
keyword: "additionalProperties",
params: { additionalProperty: key2 }
}];
return false;
}
if (_errs14 === errors) {
if (data5.rack !== void 0) {
let data6 = data5.rack;
const _errs15 = errors;
if (errors === _errs15) {
if (typeof data6 == "number" && isFinite(data6)) {
if (data6 > 1e5 || isNaN(data6)) {
validate163.errors = [{
instancePath: instancePath + "/space/rack",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1e5
}
}];
return false;
} else if (data6 < 0 || isNaN(data6)) {
validate163.errors = [{
instancePath: instancePath + "/space/rack",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate163.errors = [{
instancePath: instancePath + "/space/rack",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid2 = _errs15 === errors;
} else var valid2 = true;
if (valid2) {
if (data5.fridge !== void 0) {
let data7 = data5.fridge;
const _errs17 = errors;
if (errors === _errs17) {
if (typeof data7 == "number" && isFinite(data7)) {
if (data7 > 1e5 || isNaN(data7)) {
validate163.errors = [{
instancePath: instancePath + "/space/fridge",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1e5
}
}];
return false;
} else if (data7 < 0 || isNaN(data7)) {
validate163.errors = [{
instancePath: instancePath + "/space/fridge",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate163.errors = [{
instancePath: instancePath + "/space/fridge",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid2 = _errs17 === errors;
} else var valid2 = true;
if (valid2) {
if (data5.freezer !== void 0) {
let data8 = data5.freezer;
const _errs19 = errors;
if (errors === _errs19) {
if (typeof data8 == "number" && isFinite(data8)) {
if (data8 > 1e5 || isNaN(data8)) {
validate163.errors = [{
instancePath: instancePath + "/space/freezer",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1e5
}
}];
return false;
} else if (data8 < 0 || isNaN(data8)) {
validate163.errors = [{
instancePath: instancePath + "/space/freezer",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate163.errors = [{
instancePath: instancePath + "/space/freezer",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid2 = _errs19 === errors;
} else var valid2 = true;
if (valid2) {
if (data5.box !== void 0) {
let data9 = data5.box;
const _errs21 = errors;
if (errors === _errs21) {
if (typeof data9 == "number" && isFinite(data9)) {
if (data9 > 1e5 || isNaN(data9)) {
validate163.errors = [{
instancePath: instancePath + "/space/box",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1e5
}
}];
return false;
} else if (data9 < 0 || isNaN(data9)) {
validate163.errors = [{
instancePath: instancePath + "/space/box",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate163.errors = [{
instancePath: instancePath + "/space/box",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid2 = _errs21 === errors;
} else var valid2 = true;
}
}
}
}
} else {
validate163.errors = [{
instancePath: instancePath + "/space",
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
var valid0 = _errs12 === errors;
} else var valid0 = true;
if (valid0) {
if (data.paces !== void 0) {
const _errs23 = errors;
if (!validate169(data.paces, {
instancePath: instancePath + "/paces",
parentData: data,
parentDataProperty: "paces",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate169.errors : vErrors.concat(validate169.errors);
errors = vErrors.length;
}
var valid0 = _errs23 === errors;
} else var valid0 = true;
}
}
}
}
}
} else {
validate163.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate163.errors = vErrors;
return errors === 0;
}
validate163.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate173(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate173.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.stock === void 0 && (missing0 = "stock") || data.name === void 0 && (missing0 = "name") || data.batch === void 0 && (missing0 = "batch") || data.grams === void 0 && (missing0 = "grams") || data.recolour === void 0 && (missing0 = "recolour") || data.allergens === void 0 && (missing0 = "allergens")) {
validate173.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!(key0 === "stock" || key0 === "name" || key0 === "batch" || key0 === "grams" || key0 === "recolour" || key0 === "allergens" || key0 === "keepBy")) {
validate173.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.stock !== void 0) {
let data0 = data.stock;
const _errs2 = errors;
if (errors === _errs2) {
if (typeof data0 === "string") {
if (func2(data0) > 80) {
validate173.errors = [{
instancePath: instancePath + "/stock",
keyword: "maxLength",
params: { limit: 80 }
}];
return false;
} else if (func2(data0) < 1) {
validate173.errors = [{
instancePath: instancePath + "/stock",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate173.errors = [{
instancePath: instancePath + "/stock",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.name !== void 0) {
let data1 = data.name;
const _errs4 = errors;
if (errors === _errs4) {
if (typeof data1 === "string") {
if (func2(data1) > 120) {
validate173.errors = [{
instancePath: instancePath + "/name",
keyword: "maxLength",
params: { limit: 120 }
}];
return false;
} else if (func2(data1) < 1) {
validate173.errors = [{
instancePath: instancePath + "/name",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate173.errors = [{
instancePath: instancePath + "/name",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs4 === errors;
} else var valid0 = true;
if (valid0) {
if (data.batch !== void 0) {
let data2 = data.batch;
const _errs6 = errors;
if (errors === _errs6) {
if (typeof data2 === "string") {
if (func2(data2) > 130) {
validate173.errors = [{
instancePath: instancePath + "/batch",
keyword: "maxLength",
params: { limit: 130 }
}];
return false;
}
} else {
validate173.errors = [{
instancePath: instancePath + "/batch",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs6 === errors;
} else var valid0 = true;
if (valid0) {
if (data.grams !== void 0) {
let data3 = data.grams;
const _errs8 = errors;
if (errors === _errs8) {
if (typeof data3 == "number" && isFinite(data3)) {
if (data3 > 1e5 || isNaN(data3)) {
validate173.errors = [{
instancePath: instancePath + "/grams",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1e5
}
}];
return false;
} else if (data3 < 0 || isNaN(data3)) {
validate173.errors = [{
instancePath: instancePath + "/grams",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate173.errors = [{
instancePath: instancePath + "/grams",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs8 === errors;
} else var valid0 = true;
if (valid0) {
if (data.recolour !== void 0) {
const _errs10 = errors;
if (typeof data.recolour !== "boolean") {
validate173.errors = [{
instancePath: instancePath + "/recolour",
keyword: "type",
params: { type: "boolean" }
}];
return false;
}
var valid0 = _errs10 === errors;
} else var valid0 = true;
if (valid0) {
if (data.allergens !== void 0) {
const _errs12 = errors;
if (!validate79(data.allergens, {
instancePath: instancePath + "/allergens",
parentData: data,
parentDataProperty: "allergens",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate79.errors : vErrors.concat(validate79.errors);
errors = vErrors.length;
}
var valid0 = _errs12 === errors;
} else var valid0 = true;
if (valid0) {
if (data.keepBy !== void 0) {
const _errs13 = errors;
if (!validate158(data.keepBy, {
instancePath: instancePath + "/keepBy",
parentData: data,
parentDataProperty: "keepBy",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate158.errors : vErrors.concat(validate158.errors);
errors = vErrors.length;
}
var valid0 = _errs13 === errors;
} else var valid0 = true;
}
}
}
}
}
}
}
}
} else {
validate173.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate173.errors = vErrors;
return errors === 0;
}
validate173.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate172(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate172.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (Array.isArray(data)) {
if (data.length > 200) {
validate172.errors = [{
instancePath,
keyword: "maxItems",
params: { limit: 200 }
}];
return false;
} else if (data.length < 0) {
validate172.errors = [{
instancePath,
keyword: "minItems",
params: { limit: 0 }
}];
return false;
} else {
const len0 = data.length;
for (let i0 = 0; i0 < len0; i0++) {
const _errs1 = errors;
if (!validate173(data[i0], {
instancePath: instancePath + "/" + i0,
parentData: data,
parentDataProperty: i0,
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate173.errors : vErrors.concat(validate173.errors);
errors = vErrors.length;
}
if (!(_errs1 === errors)) break;
}
}
} else {
validate172.errors = [{
instancePath,
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
validate172.errors = vErrors;
return errors === 0;
}
validate172.evaluated = {
"items": true,
"dynamicProps": false,
"dynamicItems": false
};
const schema74 = {
"additionalProperties": false,
"type": "object",
"required": [
"id",
"test",
"of",
"on",
"readings"
],
"properties": {
"id": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"test": {
"type": "string",
"enum": [
"press",
"pull",
"bend",
"spring",
"tab"
]
},
"of": {
"maxLength": 60,
"minLength": 1,
"type": "string"
},
"on": { "$ref": "#/$defs/string46" },
"readings": {
"type": "object",
"additionalProperties": {
"type": "number",
"minimum": 0,
"maximum": 5e4
},
"maxProperties": 8
}
}
};
function validate179(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate179.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.id === void 0 && (missing0 = "id") || data.test === void 0 && (missing0 = "test") || data.of === void 0 && (missing0 = "of") || data.on === void 0 && (missing0 = "on") || data.readings === void 0 && (missing0 = "readings")) {
validate179.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!(key0 === "id" || key0 === "test" || key0 === "of" || key0 === "on" || key0 === "readings")) {
validate179.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.id !== void 0) {
let data0 = data.id;
const _errs2 = errors;
if (errors === _errs2) {
if (typeof data0 === "string") {
if (!pattern4.test(data0)) {
validate179.errors = [{
instancePath: instancePath + "/id",
keyword: "pattern",
params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" }
}];
return false;
}
} else {
validate179.errors = [{
instancePath: instancePath + "/id",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.test !== void 0) {
let data1 = data.test;
const _errs4 = errors;
if (typeof data1 !== "string") {
validate179.errors = [{
instancePath: instancePath + "/test",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data1 === "press" || data1 === "pull" || data1 === "bend" || data1 === "spring" || data1 === "tab")) {
validate179.errors = [{
instancePath: instancePath + "/test",
keyword: "enum",
params: { allowedValues: schema74.properties.test.enum }
}];
return false;
}
var valid0 = _errs4 === errors;
} else var valid0 = true;
if (valid0) {
if (data.of !== void 0) {
let data2 = data.of;
const _errs6 = errors;
if (errors === _errs6) {
if (typeof data2 === "string") {
if (func2(data2) > 60) {
validate179.errors = [{
instancePath: instancePath + "/of",
keyword: "maxLength",
params: { limit: 60 }
}];
return false;
} else if (func2(data2) < 1) {
validate179.errors = [{
instancePath: instancePath + "/of",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate179.errors = [{
instancePath: instancePath + "/of",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs6 === errors;
} else var valid0 = true;
if (valid0) {
if (data.on !== void 0) {
const _errs8 = errors;
if (!validate158(data.on, {
instancePath: instancePath + "/on",
parentData: data,
parentDataProperty: "on",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate158.errors : vErrors.concat(validate158.errors);
errors = vErrors.length;
}
var valid0 = _errs8 === errors;
} else var valid0 = true;
if (valid0) {
if (data.readings !== void 0) {
let data4 = data.readings;
const _errs9 = errors;
if (errors === _errs9) {
if (data4 && typeof data4 == "object" && !Array.isArray(data4)) {
if (Object.keys(data4).length > 8) {
validate179.errors = [{
instancePath: instancePath + "/readings",
keyword: "maxProperties",
params: { limit: 8 }
}];
return false;
} else for (const key1 in data4) {
let data5 = data4[key1];
const _errs12 = errors;
if (errors === _errs12) {
if (typeof data5 == "number" && isFinite(data5)) {
if (data5 > 5e4 || isNaN(data5)) {
validate179.errors = [{
instancePath: instancePath + "/readings/" + key1.replace(/~/g, "~0").replace(/\//g, "~1"),
keyword: "maximum",
params: {
comparison: "<=",
limit: 5e4
}
}];
return false;
} else if (data5 < 0 || isNaN(data5)) {
validate179.errors = [{
instancePath: instancePath + "/readings/" + key1.replace(/~/g, "~0").replace(/\//g, "~1"),
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate179.errors = [{
instancePath: instancePath + "/readings/" + key1.replace(/~/g, "~0").replace(/\//g, "~1"),
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
if (!(_errs12 === errors)) break;
}
} else {
validate179.errors = [{
instancePath: instancePath + "/readings",
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
var valid0 = _errs9 === errors;
} else var valid0 = true;
}
}
}
}
}
}
} else {
validate179.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate179.errors = vErrors;
return errors === 0;
}
validate179.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate178(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate178.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (Array.isArray(data)) {
if (data.length > 100) {
validate178.errors = [{
instancePath,
keyword: "maxItems",
params: { limit: 100 }
}];
return false;
} else if (data.length < 0) {
validate178.errors = [{
instancePath,
keyword: "minItems",
params: { limit: 0 }
}];
return false;
} else {
const len0 = data.length;
for (let i0 = 0; i0 < len0; i0++) {
const _errs1 = errors;
if (!validate179(data[i0], {
instancePath: instancePath + "/" + i0,
parentData: data,
parentDataProperty: i0,
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate179.errors : vErrors.concat(validate179.errors);
errors = vErrors.length;
}
if (!(_errs1 === errors)) break;
}
}
} else {
validate178.errors = [{
instancePath,
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
validate178.errors = vErrors;
return errors === 0;
}
validate178.evaluated = {
"items": true,
"dynamicProps": false,
"dynamicItems": false
};
const schema76 = {
"additionalProperties": false,
"type": "object",
"required": [
"id",
"at",
"build",
"piece",
"question",
"saw",
"minutes",
"note",
"paste",
"body",
"spells",
"duty"
],
"properties": {
"id": {
"maxLength": 80,
"minLength": 1,
"type": "string"
},
"at": {
"maxLength": 40,
"type": "string"
},
"build": {
"maxLength": 120,
"type": "string"
},
"piece": {
"maxLength": 120,
"type": "string"
},
"buildId": {
"maxLength": 80,
"minLength": 1,
"type": "string"
},
"pieceId": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"question": { "$ref": "#/$defs/string58" },
"saw": {
"type": "string",
"enum": [
"just",
"yes",
"not",
"cracked",
"sagged",
"squashed"
]
},
"minutes": {
"type": "number",
"minimum": .1,
"maximum": 43200
},
"note": {
"maxLength": 1e3,
"type": "string"
},
"picture": {
"maxLength": 80,
"type": "string"
},
"paste": { "$ref": "#/$defs/record59" },
"body": { "$ref": "#/$defs/record60" },
"spells": { "$ref": "#/$defs/array61" },
"duty": {
"type": "object",
"additionalProperties": {
"type": "number",
"minimum": -1e6,
"maximum": 1e9
},
"maxProperties": 12
},
"table": {
"type": "number",
"minimum": .1,
"maximum": 1e6
}
}
};
const schema77 = {
"type": "string",
"enum": [
"tack",
"skin",
"touch",
"pose",
"handle",
"bear",
"stand",
"hard",
"dry",
"stick",
"texture",
"bend"
]
};
function validate185(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate185.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (typeof data !== "string") {
validate185.errors = [{
instancePath,
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data === "tack" || data === "skin" || data === "touch" || data === "pose" || data === "handle" || data === "bear" || data === "stand" || data === "hard" || data === "dry" || data === "stick" || data === "texture" || data === "bend")) {
validate185.errors = [{
instancePath,
keyword: "enum",
params: { allowedValues: schema77.enum }
}];
return false;
}
validate185.errors = vErrors;
return true;
}
validate185.evaluated = {
"dynamicProps": false,
"dynamicItems": false
};
function validate187(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate187.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.base === void 0 && (missing0 = "base") || data.gumPaste === void 0 && (missing0 = "gumPaste") || data.powder === void 0 && (missing0 = "powder")) {
validate187.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!(key0 === "base" || key0 === "gumPaste" || key0 === "powder")) {
validate187.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.base !== void 0) {
const _errs2 = errors;
if (!validate75(data.base, {
instancePath: instancePath + "/base",
parentData: data,
parentDataProperty: "base",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate75.errors : vErrors.concat(validate75.errors);
errors = vErrors.length;
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.gumPaste !== void 0) {
let data1 = data.gumPaste;
const _errs3 = errors;
if (errors === _errs3) {
if (typeof data1 == "number" && isFinite(data1)) {
if (data1 > 100 || isNaN(data1)) {
validate187.errors = [{
instancePath: instancePath + "/gumPaste",
keyword: "maximum",
params: {
comparison: "<=",
limit: 100
}
}];
return false;
} else if (data1 < 0 || isNaN(data1)) {
validate187.errors = [{
instancePath: instancePath + "/gumPaste",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate187.errors = [{
instancePath: instancePath + "/gumPaste",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs3 === errors;
} else var valid0 = true;
if (valid0) {
if (data.powder !== void 0) {
let data2 = data.powder;
const _errs5 = errors;
if (errors === _errs5) {
if (typeof data2 == "number" && isFinite(data2)) {
if (data2 > 5 || isNaN(data2)) {
validate187.errors = [{
instancePath: instancePath + "/powder",
keyword: "maximum",
params: {
comparison: "<=",
limit: 5
}
}];
return false;
} else if (data2 < 0 || isNaN(data2)) {
validate187.errors = [{
instancePath: instancePath + "/powder",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate187.errors = [{
instancePath: instancePath + "/powder",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs5 === errors;
} else var valid0 = true;
}
}
}
}
} else {
validate187.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate187.errors = vErrors;
return errors === 0;
}
validate187.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
const schema79 = {
"additionalProperties": false,
"type": "object",
"required": [
"volume",
"area",
"depth",
"facing",
"thickness",
"kind",
"coat"
],
"properties": {
"volume": {
"type": "number",
"minimum": .01,
"maximum": 1e9
},
"area": {
"type": "number",
"minimum": .01,
"maximum": 1e7
},
"depth": {
"type": "number",
"minimum": .01,
"maximum": 1e3
},
"facing": {
"type": "number",
"minimum": .01,
"maximum": 3e3
},
"thickness": {
"type": "number",
"minimum": .01,
"maximum": 2e3
},
"kind": {
"type": "string",
"enum": ["rod", "sheet"]
},
"coat": { "type": "boolean" }
}
};
function validate190(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate190.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.volume === void 0 && (missing0 = "volume") || data.area === void 0 && (missing0 = "area") || data.depth === void 0 && (missing0 = "depth") || data.facing === void 0 && (missing0 = "facing") || data.thickness === void 0 && (missing0 = "thickness") || data.kind === void 0 && (missing0 = "kind") || data.coat === void 0 && (missing0 = "coat")) {
validate190.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
for (const key0 in data) if (!(key0 === "volume" || key0 === "area" || key0 === "depth" || key0 === "facing" || key0 === "thickness" || key0 === "kind" || key0 === "coat")) {
validate190.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (data.volume !== void 0) {
let data0 = data.volume;
if (typeof data0 == "number" && isFinite(data0)) {
if (data0 > 1e9 || isNaN(data0)) {
validate190.errors = [{
instancePath: instancePath + "/volume",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1e9
}
}];
return false;
} else if (data0 < .01 || isNaN(data0)) {
validate190.errors = [{
instancePath: instancePath + "/volume",
keyword: "minimum",
params: {
comparison: ">=",
limit: .01
}
}];
return false;
}
} else {
validate190.errors = [{
instancePath: instancePath + "/volume",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.area !== void 0) {
let data1 = data.area;
if (typeof data1 == "number" && isFinite(data1)) {
if (data1 > 1e7 || isNaN(data1)) {
validate190.errors = [{
instancePath: instancePath + "/area",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1e7
}
}];
return false;
} else if (data1 < .01 || isNaN(data1)) {
validate190.errors = [{
instancePath: instancePath + "/area",
keyword: "minimum",
params: {
comparison: ">=",
limit: .01
}
}];
return false;
}
} else {
validate190.errors = [{
instancePath: instancePath + "/area",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.depth !== void 0) {
let data2 = data.depth;
if (typeof data2 == "number" && isFinite(data2)) {
if (data2 > 1e3 || isNaN(data2)) {
validate190.errors = [{
instancePath: instancePath + "/depth",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1e3
}
}];
return false;
} else if (data2 < .01 || isNaN(data2)) {
validate190.errors = [{
instancePath: instancePath + "/depth",
keyword: "minimum",
params: {
comparison: ">=",
limit: .01
}
}];
return false;
}
} else {
validate190.errors = [{
instancePath: instancePath + "/depth",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.facing !== void 0) {
let data3 = data.facing;
if (typeof data3 == "number" && isFinite(data3)) {
if (data3 > 3e3 || isNaN(data3)) {
validate190.errors = [{
instancePath: instancePath + "/facing",
keyword: "maximum",
params: {
comparison: "<=",
limit: 3e3
}
}];
return false;
} else if (data3 < .01 || isNaN(data3)) {
validate190.errors = [{
instancePath: instancePath + "/facing",
keyword: "minimum",
params: {
comparison: ">=",
limit: .01
}
}];
return false;
}
} else {
validate190.errors = [{
instancePath: instancePath + "/facing",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.thickness !== void 0) {
let data4 = data.thickness;
if (typeof data4 == "number" && isFinite(data4)) {
if (data4 > 2e3 || isNaN(data4)) {
validate190.errors = [{
instancePath: instancePath + "/thickness",
keyword: "maximum",
params: {
comparison: "<=",
limit: 2e3
}
}];
return false;
} else if (data4 < .01 || isNaN(data4)) {
validate190.errors = [{
instancePath: instancePath + "/thickness",
keyword: "minimum",
params: {
comparison: ">=",
limit: .01
}
}];
return false;
}
} else {
validate190.errors = [{
instancePath: instancePath + "/thickness",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.kind !== void 0) {
let data5 = data.kind;
if (typeof data5 !== "string") {
validate190.errors = [{
instancePath: instancePath + "/kind",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data5 === "rod" || data5 === "sheet")) {
validate190.errors = [{
instancePath: instancePath + "/kind",
keyword: "enum",
params: { allowedValues: schema79.properties.kind.enum }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.coat !== void 0) {
if (typeof data.coat !== "boolean") {
validate190.errors = [{
instancePath: instancePath + "/coat",
keyword: "type",
params: { type: "boolean" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
}
}
}
}
}
}
}
} else {
validate190.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
validate190.errors = vErrors;
return true;
}
validate190.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate193(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate193.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.temperature === void 0 && (missing0 = "temperature") || data.humidity === void 0 && (missing0 = "humidity") || data.air === void 0 && (missing0 = "air")) {
validate193.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
for (const key0 in data) if (!(key0 === "until" || key0 === "temperature" || key0 === "humidity" || key0 === "air" || key0 === "wrapped")) {
validate193.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (data.until !== void 0) {
let data0 = data.until;
if (typeof data0 == "number" && isFinite(data0)) {
if (data0 > 1e5 || isNaN(data0)) {
validate193.errors = [{
instancePath: instancePath + "/until",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1e5
}
}];
return false;
} else if (data0 < 0 || isNaN(data0)) {
validate193.errors = [{
instancePath: instancePath + "/until",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate193.errors = [{
instancePath: instancePath + "/until",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.temperature !== void 0) {
let data1 = data.temperature;
if (typeof data1 == "number" && isFinite(data1)) {
if (data1 > 60 || isNaN(data1)) {
validate193.errors = [{
instancePath: instancePath + "/temperature",
keyword: "maximum",
params: {
comparison: "<=",
limit: 60
}
}];
return false;
} else if (data1 < -30 || isNaN(data1)) {
validate193.errors = [{
instancePath: instancePath + "/temperature",
keyword: "minimum",
params: {
comparison: ">=",
limit: -30
}
}];
return false;
}
} else {
validate193.errors = [{
instancePath: instancePath + "/temperature",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.humidity !== void 0) {
let data2 = data.humidity;
if (typeof data2 == "number" && isFinite(data2)) {
if (data2 > 1 || isNaN(data2)) {
validate193.errors = [{
instancePath: instancePath + "/humidity",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1
}
}];
return false;
} else if (data2 < 0 || isNaN(data2)) {
validate193.errors = [{
instancePath: instancePath + "/humidity",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate193.errors = [{
instancePath: instancePath + "/humidity",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.air !== void 0) {
let data3 = data.air;
if (typeof data3 == "number" && isFinite(data3)) {
if (data3 > 5 || isNaN(data3)) {
validate193.errors = [{
instancePath: instancePath + "/air",
keyword: "maximum",
params: {
comparison: "<=",
limit: 5
}
}];
return false;
} else if (data3 < .01 || isNaN(data3)) {
validate193.errors = [{
instancePath: instancePath + "/air",
keyword: "minimum",
params: {
comparison: ">=",
limit: .01
}
}];
return false;
}
} else {
validate193.errors = [{
instancePath: instancePath + "/air",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.wrapped !== void 0) {
if (typeof data.wrapped !== "boolean") {
validate193.errors = [{
instancePath: instancePath + "/wrapped",
keyword: "type",
params: { type: "boolean" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
}
}
}
}
}
} else {
validate193.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
validate193.errors = vErrors;
return true;
}
validate193.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate192(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate192.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (Array.isArray(data)) {
if (data.length > 20) {
validate192.errors = [{
instancePath,
keyword: "maxItems",
params: { limit: 20 }
}];
return false;
} else if (data.length < 1) {
validate192.errors = [{
instancePath,
keyword: "minItems",
params: { limit: 1 }
}];
return false;
} else {
const len0 = data.length;
for (let i0 = 0; i0 < len0; i0++) {
const _errs1 = errors;
if (!validate193(data[i0], {
instancePath: instancePath + "/" + i0,
parentData: data,
parentDataProperty: i0,
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate193.errors : vErrors.concat(validate193.errors);
errors = vErrors.length;
}
if (!(_errs1 === errors)) break;
}
}
} else {
validate192.errors = [{
instancePath,
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
validate192.errors = vErrors;
return errors === 0;
}
validate192.evaluated = {
"items": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate184(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate184.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.id === void 0 && (missing0 = "id") || data.at === void 0 && (missing0 = "at") || data.build === void 0 && (missing0 = "build") || data.piece === void 0 && (missing0 = "piece") || data.question === void 0 && (missing0 = "question") || data.saw === void 0 && (missing0 = "saw") || data.minutes === void 0 && (missing0 = "minutes") || data.note === void 0 && (missing0 = "note") || data.paste === void 0 && (missing0 = "paste") || data.body === void 0 && (missing0 = "body") || data.spells === void 0 && (missing0 = "spells") || data.duty === void 0 && (missing0 = "duty")) {
validate184.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!func1.call(schema76.properties, key0)) {
validate184.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.id !== void 0) {
let data0 = data.id;
const _errs2 = errors;
if (errors === _errs2) {
if (typeof data0 === "string") {
if (func2(data0) > 80) {
validate184.errors = [{
instancePath: instancePath + "/id",
keyword: "maxLength",
params: { limit: 80 }
}];
return false;
} else if (func2(data0) < 1) {
validate184.errors = [{
instancePath: instancePath + "/id",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate184.errors = [{
instancePath: instancePath + "/id",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.at !== void 0) {
let data1 = data.at;
const _errs4 = errors;
if (errors === _errs4) {
if (typeof data1 === "string") {
if (func2(data1) > 40) {
validate184.errors = [{
instancePath: instancePath + "/at",
keyword: "maxLength",
params: { limit: 40 }
}];
return false;
}
} else {
validate184.errors = [{
instancePath: instancePath + "/at",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs4 === errors;
} else var valid0 = true;
if (valid0) {
if (data.build !== void 0) {
let data2 = data.build;
const _errs6 = errors;
if (errors === _errs6) {
if (typeof data2 === "string") {
if (func2(data2) > 120) {
validate184.errors = [{
instancePath: instancePath + "/build",
keyword: "maxLength",
params: { limit: 120 }
}];
return false;
}
} else {
validate184.errors = [{
instancePath: instancePath + "/build",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs6 === errors;
} else var valid0 = true;
if (valid0) {
if (data.piece !== void 0) {
let data3 = data.piece;
const _errs8 = errors;
if (errors === _errs8) {
if (typeof data3 === "string") {
if (func2(data3) > 120) {
validate184.errors = [{
instancePath: instancePath + "/piece",
keyword: "maxLength",
params: { limit: 120 }
}];
return false;
}
} else {
validate184.errors = [{
instancePath: instancePath + "/piece",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs8 === errors;
} else var valid0 = true;
if (valid0) {
if (data.buildId !== void 0) {
let data4 = data.buildId;
const _errs10 = errors;
if (errors === _errs10) {
if (typeof data4 === "string") {
if (func2(data4) > 80) {
validate184.errors = [{
instancePath: instancePath + "/buildId",
keyword: "maxLength",
params: { limit: 80 }
}];
return false;
} else if (func2(data4) < 1) {
validate184.errors = [{
instancePath: instancePath + "/buildId",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate184.errors = [{
instancePath: instancePath + "/buildId",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs10 === errors;
} else var valid0 = true;
if (valid0) {
if (data.pieceId !== void 0) {
let data5 = data.pieceId;
const _errs12 = errors;
if (errors === _errs12) {
if (typeof data5 === "string") {
if (!pattern4.test(data5)) {
validate184.errors = [{
instancePath: instancePath + "/pieceId",
keyword: "pattern",
params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" }
}];
return false;
}
} else {
validate184.errors = [{
instancePath: instancePath + "/pieceId",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs12 === errors;
} else var valid0 = true;
if (valid0) {
if (data.question !== void 0) {
const _errs14 = errors;
if (!validate185(data.question, {
instancePath: instancePath + "/question",
parentData: data,
parentDataProperty: "question",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate185.errors : vErrors.concat(validate185.errors);
errors = vErrors.length;
}
var valid0 = _errs14 === errors;
} else var valid0 = true;
if (valid0) {
if (data.saw !== void 0) {
let data7 = data.saw;
const _errs15 = errors;
if (typeof data7 !== "string") {
validate184.errors = [{
instancePath: instancePath + "/saw",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data7 === "just" || data7 === "yes" || data7 === "not" || data7 === "cracked" || data7 === "sagged" || data7 === "squashed")) {
validate184.errors = [{
instancePath: instancePath + "/saw",
keyword: "enum",
params: { allowedValues: schema76.properties.saw.enum }
}];
return false;
}
var valid0 = _errs15 === errors;
} else var valid0 = true;
if (valid0) {
if (data.minutes !== void 0) {
let data8 = data.minutes;
const _errs17 = errors;
if (errors === _errs17) {
if (typeof data8 == "number" && isFinite(data8)) {
if (data8 > 43200 || isNaN(data8)) {
validate184.errors = [{
instancePath: instancePath + "/minutes",
keyword: "maximum",
params: {
comparison: "<=",
limit: 43200
}
}];
return false;
} else if (data8 < .1 || isNaN(data8)) {
validate184.errors = [{
instancePath: instancePath + "/minutes",
keyword: "minimum",
params: {
comparison: ">=",
limit: .1
}
}];
return false;
}
} else {
validate184.errors = [{
instancePath: instancePath + "/minutes",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs17 === errors;
} else var valid0 = true;
if (valid0) {
if (data.note !== void 0) {
let data9 = data.note;
const _errs19 = errors;
if (errors === _errs19) {
if (typeof data9 === "string") {
if (func2(data9) > 1e3) {
validate184.errors = [{
instancePath: instancePath + "/note",
keyword: "maxLength",
params: { limit: 1e3 }
}];
return false;
}
} else {
validate184.errors = [{
instancePath: instancePath + "/note",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs19 === errors;
} else var valid0 = true;
if (valid0) {
if (data.picture !== void 0) {
let data10 = data.picture;
const _errs21 = errors;
if (errors === _errs21) {
if (typeof data10 === "string") {
if (func2(data10) > 80) {
validate184.errors = [{
instancePath: instancePath + "/picture",
keyword: "maxLength",
params: { limit: 80 }
}];
return false;
}
} else {
validate184.errors = [{
instancePath: instancePath + "/picture",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs21 === errors;
} else var valid0 = true;
if (valid0) {
if (data.paste !== void 0) {
const _errs23 = errors;
if (!validate187(data.paste, {
instancePath: instancePath + "/paste",
parentData: data,
parentDataProperty: "paste",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate187.errors : vErrors.concat(validate187.errors);
errors = vErrors.length;
}
var valid0 = _errs23 === errors;
} else var valid0 = true;
if (valid0) {
if (data.body !== void 0) {
const _errs24 = errors;
if (!validate190(data.body, {
instancePath: instancePath + "/body",
parentData: data,
parentDataProperty: "body",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate190.errors : vErrors.concat(validate190.errors);
errors = vErrors.length;
}
var valid0 = _errs24 === errors;
} else var valid0 = true;
if (valid0) {
if (data.spells !== void 0) {
const _errs25 = errors;
if (!validate192(data.spells, {
instancePath: instancePath + "/spells",
parentData: data,
parentDataProperty: "spells",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate192.errors : vErrors.concat(validate192.errors);
errors = vErrors.length;
}
var valid0 = _errs25 === errors;
} else var valid0 = true;
if (valid0) {
if (data.duty !== void 0) {
let data14 = data.duty;
const _errs26 = errors;
if (errors === _errs26) {
if (data14 && typeof data14 == "object" && !Array.isArray(data14)) {
if (Object.keys(data14).length > 12) {
validate184.errors = [{
instancePath: instancePath + "/duty",
keyword: "maxProperties",
params: { limit: 12 }
}];
return false;
} else for (const key1 in data14) {
let data15 = data14[key1];
const _errs29 = errors;
if (errors === _errs29) {
if (typeof data15 == "number" && isFinite(data15)) {
if (data15 > 1e9 || isNaN(data15)) {
validate184.errors = [{
instancePath: instancePath + "/duty/" + key1.replace(/~/g, "~0").replace(/\//g, "~1"),
keyword: "maximum",
params: {
comparison: "<=",
limit: 1e9
}
}];
return false;
} else if (data15 < -1e6 || isNaN(data15)) {
validate184.errors = [{
instancePath: instancePath + "/duty/" + key1.replace(/~/g, "~0").replace(/\//g, "~1"),
keyword: "minimum",
params: {
comparison: ">=",
limit: -1e6
}
}];
return false;
}
} else {
validate184.errors = [{
instancePath: instancePath + "/duty/" + key1.replace(/~/g, "~0").replace(/\//g, "~1"),
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
if (!(_errs29 === errors)) break;
}
} else {
validate184.errors = [{
instancePath: instancePath + "/duty",
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
var valid0 = _errs26 === errors;
} else var valid0 = true;
if (valid0) {
if (data.table !== void 0) {
let data16 = data.table;
const _errs31 = errors;
if (errors === _errs31) {
if (typeof data16 == "number" && isFinite(data16)) {
if (data16 > 1e6 || isNaN(data16)) {
validate184.errors = [{
instancePath: instancePath + "/table",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1e6
}
}];
return false;
} else if (data16 < .1 || isNaN(data16)) {
validate184.errors = [{
instancePath: instancePath + "/table",
keyword: "minimum",
params: {
comparison: ">=",
limit: .1
}
}];
return false;
}
} else {
validate184.errors = [{
instancePath: instancePath + "/table",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs31 === errors;
} else var valid0 = true;
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
} else {
validate184.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate184.errors = vErrors;
return errors === 0;
}
validate184.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate183(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate183.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (Array.isArray(data)) {
if (data.length > 2e3) {
validate183.errors = [{
instancePath,
keyword: "maxItems",
params: { limit: 2e3 }
}];
return false;
} else if (data.length < 0) {
validate183.errors = [{
instancePath,
keyword: "minItems",
params: { limit: 0 }
}];
return false;
} else {
const len0 = data.length;
for (let i0 = 0; i0 < len0; i0++) {
const _errs1 = errors;
if (!validate184(data[i0], {
instancePath: instancePath + "/" + i0,
parentData: data,
parentDataProperty: i0,
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate184.errors : vErrors.concat(validate184.errors);
errors = vErrors.length;
}
if (!(_errs1 === errors)) break;
}
}
} else {
validate183.errors = [{
instancePath,
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
validate183.errors = vErrors;
return errors === 0;
}
validate183.evaluated = {
"items": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate200(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate200.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.piece === void 0 && (missing0 = "piece") || data.question === void 0 && (missing0 = "question") || data.firm === void 0 && (missing0 = "firm") || data.at === void 0 && (missing0 = "at")) {
validate200.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!(key0 === "piece" || key0 === "question" || key0 === "firm" || key0 === "at")) {
validate200.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.piece !== void 0) {
let data0 = data.piece;
const _errs2 = errors;
if (errors === _errs2) {
if (typeof data0 === "string") {
if (!pattern4.test(data0)) {
validate200.errors = [{
instancePath: instancePath + "/piece",
keyword: "pattern",
params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" }
}];
return false;
}
} else {
validate200.errors = [{
instancePath: instancePath + "/piece",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.question !== void 0) {
const _errs4 = errors;
if (!validate185(data.question, {
instancePath: instancePath + "/question",
parentData: data,
parentDataProperty: "question",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate185.errors : vErrors.concat(validate185.errors);
errors = vErrors.length;
}
var valid0 = _errs4 === errors;
} else var valid0 = true;
if (valid0) {
if (data.firm !== void 0) {
const _errs5 = errors;
if (typeof data.firm !== "boolean") {
validate200.errors = [{
instancePath: instancePath + "/firm",
keyword: "type",
params: { type: "boolean" }
}];
return false;
}
var valid0 = _errs5 === errors;
} else var valid0 = true;
if (valid0) {
if (data.at !== void 0) {
let data3 = data.at;
const _errs7 = errors;
if (errors === _errs7) {
if (typeof data3 === "string") {
if (func2(data3) > 40) {
validate200.errors = [{
instancePath: instancePath + "/at",
keyword: "maxLength",
params: { limit: 40 }
}];
return false;
}
} else {
validate200.errors = [{
instancePath: instancePath + "/at",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs7 === errors;
} else var valid0 = true;
}
}
}
}
}
} else {
validate200.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate200.errors = vErrors;
return errors === 0;
}
validate200.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate199(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate199.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (Array.isArray(data)) {
if (data.length > 2e3) {
validate199.errors = [{
instancePath,
keyword: "maxItems",
params: { limit: 2e3 }
}];
return false;
} else if (data.length < 1) {
validate199.errors = [{
instancePath,
keyword: "minItems",
params: { limit: 1 }
}];
return false;
} else {
const len0 = data.length;
for (let i0 = 0; i0 < len0; i0++) {
const _errs1 = errors;
if (!validate200(data[i0], {
instancePath: instancePath + "/" + i0,
parentData: data,
parentDataProperty: i0,
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate200.errors : vErrors.concat(validate200.errors);
errors = vErrors.length;
}
if (!(_errs1 === errors)) break;
}
}
} else {
validate199.errors = [{
instancePath,
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
validate199.errors = vErrors;
return errors === 0;
}
validate199.evaluated = {
"items": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate205(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate205.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.step === void 0 && (missing0 = "step") || data.grams === void 0 && (missing0 = "grams") || data.wanted === void 0 && (missing0 = "wanted") || data.at === void 0 && (missing0 = "at")) {
validate205.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
for (const key0 in data) if (!(key0 === "step" || key0 === "grams" || key0 === "wanted" || key0 === "at")) {
validate205.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (data.step !== void 0) {
let data0 = data.step;
if (typeof data0 === "string") {
if (func2(data0) > 200) {
validate205.errors = [{
instancePath: instancePath + "/step",
keyword: "maxLength",
params: { limit: 200 }
}];
return false;
} else if (func2(data0) < 1) {
validate205.errors = [{
instancePath: instancePath + "/step",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate205.errors = [{
instancePath: instancePath + "/step",
keyword: "type",
params: { type: "string" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.grams !== void 0) {
let data1 = data.grams;
if (typeof data1 == "number" && isFinite(data1)) {
if (data1 > 1e5 || isNaN(data1)) {
validate205.errors = [{
instancePath: instancePath + "/grams",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1e5
}
}];
return false;
} else if (data1 < .001 || isNaN(data1)) {
validate205.errors = [{
instancePath: instancePath + "/grams",
keyword: "minimum",
params: {
comparison: ">=",
limit: .001
}
}];
return false;
}
} else {
validate205.errors = [{
instancePath: instancePath + "/grams",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.wanted !== void 0) {
let data2 = data.wanted;
if (typeof data2 == "number" && isFinite(data2)) {
if (data2 > 1e5 || isNaN(data2)) {
validate205.errors = [{
instancePath: instancePath + "/wanted",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1e5
}
}];
return false;
} else if (data2 < .001 || isNaN(data2)) {
validate205.errors = [{
instancePath: instancePath + "/wanted",
keyword: "minimum",
params: {
comparison: ">=",
limit: .001
}
}];
return false;
}
} else {
validate205.errors = [{
instancePath: instancePath + "/wanted",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.at !== void 0) {
let data3 = data.at;
if (typeof data3 === "string") {
if (func2(data3) > 40) {
validate205.errors = [{
instancePath: instancePath + "/at",
keyword: "maxLength",
params: { limit: 40 }
}];
return false;
}
} else {
validate205.errors = [{
instancePath: instancePath + "/at",
keyword: "type",
params: { type: "string" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
}
}
}
}
} else {
validate205.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
validate205.errors = vErrors;
return true;
}
validate205.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate204(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate204.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (Array.isArray(data)) {
if (data.length > 4e3) {
validate204.errors = [{
instancePath,
keyword: "maxItems",
params: { limit: 4e3 }
}];
return false;
} else if (data.length < 1) {
validate204.errors = [{
instancePath,
keyword: "minItems",
params: { limit: 1 }
}];
return false;
} else {
const len0 = data.length;
for (let i0 = 0; i0 < len0; i0++) {
const _errs1 = errors;
if (!validate205(data[i0], {
instancePath: instancePath + "/" + i0,
parentData: data,
parentDataProperty: i0,
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate205.errors : vErrors.concat(validate205.errors);
errors = vErrors.length;
}
if (!(_errs1 === errors)) break;
}
}
} else {
validate204.errors = [{
instancePath,
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
validate204.errors = vErrors;
return errors === 0;
}
validate204.evaluated = {
"items": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate208(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate208.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (Array.isArray(data)) {
if (data.length > 2e3) {
validate208.errors = [{
instancePath,
keyword: "maxItems",
params: { limit: 2e3 }
}];
return false;
} else if (data.length < 1) {
validate208.errors = [{
instancePath,
keyword: "minItems",
params: { limit: 1 }
}];
return false;
} else {
const len0 = data.length;
for (let i0 = 0; i0 < len0; i0++) {
let data0 = data[i0];
if (data0 && typeof data0 == "object" && !Array.isArray(data0)) {
let missing0;
if (data0.at === void 0 && (missing0 = "at") || data0.temperature === void 0 && (missing0 = "temperature") || data0.humidity === void 0 && (missing0 = "humidity")) {
validate208.errors = [{
instancePath: instancePath + "/" + i0,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
for (const key0 in data0) if (!(key0 === "at" || key0 === "temperature" || key0 === "humidity")) {
validate208.errors = [{
instancePath: instancePath + "/" + i0,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (data0.at !== void 0) {
let data1 = data0.at;
if (typeof data1 === "string") {
if (func2(data1) > 40) {
validate208.errors = [{
instancePath: instancePath + "/" + i0 + "/at",
keyword: "maxLength",
params: { limit: 40 }
}];
return false;
}
} else {
validate208.errors = [{
instancePath: instancePath + "/" + i0 + "/at",
keyword: "type",
params: { type: "string" }
}];
return false;
}
var valid1 = true;
} else var valid1 = true;
if (valid1) {
if (data0.temperature !== void 0) {
let data2 = data0.temperature;
if (typeof data2 == "number" && isFinite(data2)) {
if (data2 > 60 || isNaN(data2)) {
validate208.errors = [{
instancePath: instancePath + "/" + i0 + "/temperature",
keyword: "maximum",
params: {
comparison: "<=",
limit: 60
}
}];
return false;
} else if (data2 < -30 || isNaN(data2)) {
validate208.errors = [{
instancePath: instancePath + "/" + i0 + "/temperature",
keyword: "minimum",
params: {
comparison: ">=",
limit: -30
}
}];
return false;
}
} else {
validate208.errors = [{
instancePath: instancePath + "/" + i0 + "/temperature",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid1 = true;
} else var valid1 = true;
if (valid1) {
if (data0.humidity !== void 0) {
let data3 = data0.humidity;
if (typeof data3 == "number" && isFinite(data3)) {
if (data3 > 100 || isNaN(data3)) {
validate208.errors = [{
instancePath: instancePath + "/" + i0 + "/humidity",
keyword: "maximum",
params: {
comparison: "<=",
limit: 100
}
}];
return false;
} else if (data3 < 0 || isNaN(data3)) {
validate208.errors = [{
instancePath: instancePath + "/" + i0 + "/humidity",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate208.errors = [{
instancePath: instancePath + "/" + i0 + "/humidity",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid1 = true;
} else var valid1 = true;
}
}
}
} else {
validate208.errors = [{
instancePath: instancePath + "/" + i0,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
}
} else {
validate208.errors = [{
instancePath,
keyword: "type",
params: { type: "array" }
}];
return false;
}
validate208.errors = vErrors;
return true;
}
validate208.evaluated = {
"items": true,
"dynamicProps": false,
"dynamicItems": false
};
const schema89 = {
"additionalProperties": false,
"type": "object",
"required": [
"id",
"at",
"trouble"
],
"properties": {
"id": {
"maxLength": 80,
"minLength": 1,
"type": "string"
},
"at": {
"maxLength": 40,
"type": "string"
},
"trouble": {
"type": "string",
"enum": [
"cracked",
"elephant",
"torn",
"shows",
"bubble",
"wrinkles",
"dented",
"sagged",
"squashed",
"flat",
"bulged",
"leaning",
"size",
"popped",
"spun",
"broke",
"icingRan",
"colourOff",
"bled",
"sticky",
"dry",
"ranOut",
"greasy",
"lumpy",
"bloomed",
"tooSoft"
]
},
"piece": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"signs": {
"type": "object",
"additionalProperties": { "type": "boolean" },
"maxProperties": 40
},
"cause": { "$ref": "#/$defs/string71" },
"mend": { "$ref": "#/$defs/string72" },
"held": { "type": "boolean" },
"leaves": {
"maxLength": 120,
"type": "string"
},
"step": {
"maxLength": 200,
"minLength": 1,
"type": "string"
},
"note": {
"maxLength": 1e3,
"type": "string"
},
"picture": {
"maxLength": 80,
"type": "string"
}
}
};
const schema90 = {
"type": "string",
"enum": [
"crustWorked",
"tooStiff",
"unrested",
"dryAir",
"oldPaste",
"tooThin",
"overStretched",
"noGum",
"tooSoft",
"overload",
"damp",
"gripped",
"lay",
"thickCream",
"weakGlue",
"wetGlue",
"dustedSeat",
"missedStick",
"oneRod",
"looseHole",
"offCentre",
"softBase",
"byEye",
"shrinks",
"miscount",
"drift",
"wrongBase",
"faded",
"filmWet",
"darkBeside",
"condensed",
"tooMuchWater",
"warmHands",
"trappedAir",
"gasOut",
"gathers",
"short",
"thicker",
"brittle",
"knocked",
"overFolded",
"underMixed",
"water",
"bloomFat",
"bloomSugar",
"warmRoom",
"thinIcing",
"wetUnder"
]
};
function validate212(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate212.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (typeof data !== "string") {
validate212.errors = [{
instancePath,
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data === "crustWorked" || data === "tooStiff" || data === "unrested" || data === "dryAir" || data === "oldPaste" || data === "tooThin" || data === "overStretched" || data === "noGum" || data === "tooSoft" || data === "overload" || data === "damp" || data === "gripped" || data === "lay" || data === "thickCream" || data === "weakGlue" || data === "wetGlue" || data === "dustedSeat" || data === "missedStick" || data === "oneRod" || data === "looseHole" || data === "offCentre" || data === "softBase" || data === "byEye" || data === "shrinks" || data === "miscount" || data === "drift" || data === "wrongBase" || data === "faded" || data === "filmWet" || data === "darkBeside" || data === "condensed" || data === "tooMuchWater" || data === "warmHands" || data === "trappedAir" || data === "gasOut" || data === "gathers" || data === "short" || data === "thicker" || data === "brittle" || data === "knocked" || data === "overFolded" || data === "underMixed" || data === "water" || data === "bloomFat" || data === "bloomSugar" || data === "warmRoom" || data === "thinIcing" || data === "wetUnder")) {
validate212.errors = [{
instancePath,
keyword: "enum",
params: { allowedValues: schema90.enum }
}];
return false;
}
validate212.errors = vErrors;
return true;
}
validate212.evaluated = {
"dynamicProps": false,
"dynamicItems": false
};
const schema91 = {
"type": "string",
"enum": [
"rubFat",
"spackle",
"kneadBack",
"bag",
"patch",
"hide",
"propUp",
"addRod",
"reroll",
"warmDent",
"turnAway",
"gumAgain",
"wipeSeat",
"pin",
"secondRod",
"shave",
"addSkin",
"glaze",
"remix",
"scrape",
"fan",
"starch",
"water",
"prick",
"rubPaste",
"rescue",
"glueBreak",
"coolFat",
"pressLumps",
"warmRub",
"coolDown",
"lift",
"remake"
]
};
function validate214(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate214.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (typeof data !== "string") {
validate214.errors = [{
instancePath,
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data === "rubFat" || data === "spackle" || data === "kneadBack" || data === "bag" || data === "patch" || data === "hide" || data === "propUp" || data === "addRod" || data === "reroll" || data === "warmDent" || data === "turnAway" || data === "gumAgain" || data === "wipeSeat" || data === "pin" || data === "secondRod" || data === "shave" || data === "addSkin" || data === "glaze" || data === "remix" || data === "scrape" || data === "fan" || data === "starch" || data === "water" || data === "prick" || data === "rubPaste" || data === "rescue" || data === "glueBreak" || data === "coolFat" || data === "pressLumps" || data === "warmRub" || data === "coolDown" || data === "lift" || data === "remake")) {
validate214.errors = [{
instancePath,
keyword: "enum",
params: { allowedValues: schema91.enum }
}];
return false;
}
validate214.errors = vErrors;
return true;
}
validate214.evaluated = {
"dynamicProps": false,
"dynamicItems": false
};
function validate211(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate211.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.id === void 0 && (missing0 = "id") || data.at === void 0 && (missing0 = "at") || data.trouble === void 0 && (missing0 = "trouble")) {
validate211.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!func1.call(schema89.properties, key0)) {
validate211.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.id !== void 0) {
let data0 = data.id;
const _errs2 = errors;
if (errors === _errs2) {
if (typeof data0 === "string") {
if (func2(data0) > 80) {
validate211.errors = [{
instancePath: instancePath + "/id",
keyword: "maxLength",
params: { limit: 80 }
}];
return false;
} else if (func2(data0) < 1) {
validate211.errors = [{
instancePath: instancePath + "/id",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate211.errors = [{
instancePath: instancePath + "/id",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.at !== void 0) {
let data1 = data.at;
const _errs4 = errors;
if (errors === _errs4) {
if (typeof data1 === "string") {
if (func2(data1) > 40) {
validate211.errors = [{
instancePath: instancePath + "/at",
keyword: "maxLength",
params: { limit: 40 }
}];
return false;
}
} else {
validate211.errors = [{
instancePath: instancePath + "/at",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs4 === errors;
} else var valid0 = true;
if (valid0) {
if (data.trouble !== void 0) {
let data2 = data.trouble;
const _errs6 = errors;
if (typeof data2 !== "string") {
validate211.errors = [{
instancePath: instancePath + "/trouble",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data2 === "cracked" || data2 === "elephant" || data2 === "torn" || data2 === "shows" || data2 === "bubble" || data2 === "wrinkles" || data2 === "dented" || data2 === "sagged" || data2 === "squashed" || data2 === "flat" || data2 === "bulged" || data2 === "leaning" || data2 === "size" || data2 === "popped" || data2 === "spun" || data2 === "broke" || data2 === "icingRan" || data2 === "colourOff" || data2 === "bled" || data2 === "sticky" || data2 === "dry" || data2 === "ranOut" || data2 === "greasy" || data2 === "lumpy" || data2 === "bloomed" || data2 === "tooSoft")) {
validate211.errors = [{
instancePath: instancePath + "/trouble",
keyword: "enum",
params: { allowedValues: schema89.properties.trouble.enum }
}];
return false;
}
var valid0 = _errs6 === errors;
} else var valid0 = true;
if (valid0) {
if (data.piece !== void 0) {
let data3 = data.piece;
const _errs8 = errors;
if (errors === _errs8) {
if (typeof data3 === "string") {
if (!pattern4.test(data3)) {
validate211.errors = [{
instancePath: instancePath + "/piece",
keyword: "pattern",
params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" }
}];
return false;
}
} else {
validate211.errors = [{
instancePath: instancePath + "/piece",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs8 === errors;
} else var valid0 = true;
if (valid0) {
if (data.signs !== void 0) {
let data4 = data.signs;
const _errs10 = errors;
if (errors === _errs10) {
if (data4 && typeof data4 == "object" && !Array.isArray(data4)) {
if (Object.keys(data4).length > 40) {
validate211.errors = [{
instancePath: instancePath + "/signs",
keyword: "maxProperties",
params: { limit: 40 }
}];
return false;
} else for (const key1 in data4) {
const _errs13 = errors;
if (typeof data4[key1] !== "boolean") {
validate211.errors = [{
instancePath: instancePath + "/signs/" + key1.replace(/~/g, "~0").replace(/\//g, "~1"),
keyword: "type",
params: { type: "boolean" }
}];
return false;
}
if (!(_errs13 === errors)) break;
}
} else {
validate211.errors = [{
instancePath: instancePath + "/signs",
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
var valid0 = _errs10 === errors;
} else var valid0 = true;
if (valid0) {
if (data.cause !== void 0) {
const _errs15 = errors;
if (!validate212(data.cause, {
instancePath: instancePath + "/cause",
parentData: data,
parentDataProperty: "cause",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate212.errors : vErrors.concat(validate212.errors);
errors = vErrors.length;
}
var valid0 = _errs15 === errors;
} else var valid0 = true;
if (valid0) {
if (data.mend !== void 0) {
const _errs16 = errors;
if (!validate214(data.mend, {
instancePath: instancePath + "/mend",
parentData: data,
parentDataProperty: "mend",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate214.errors : vErrors.concat(validate214.errors);
errors = vErrors.length;
}
var valid0 = _errs16 === errors;
} else var valid0 = true;
if (valid0) {
if (data.held !== void 0) {
const _errs17 = errors;
if (typeof data.held !== "boolean") {
validate211.errors = [{
instancePath: instancePath + "/held",
keyword: "type",
params: { type: "boolean" }
}];
return false;
}
var valid0 = _errs17 === errors;
} else var valid0 = true;
if (valid0) {
if (data.leaves !== void 0) {
let data9 = data.leaves;
const _errs19 = errors;
if (errors === _errs19) {
if (typeof data9 === "string") {
if (func2(data9) > 120) {
validate211.errors = [{
instancePath: instancePath + "/leaves",
keyword: "maxLength",
params: { limit: 120 }
}];
return false;
}
} else {
validate211.errors = [{
instancePath: instancePath + "/leaves",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs19 === errors;
} else var valid0 = true;
if (valid0) {
if (data.step !== void 0) {
let data10 = data.step;
const _errs21 = errors;
if (errors === _errs21) {
if (typeof data10 === "string") {
if (func2(data10) > 200) {
validate211.errors = [{
instancePath: instancePath + "/step",
keyword: "maxLength",
params: { limit: 200 }
}];
return false;
} else if (func2(data10) < 1) {
validate211.errors = [{
instancePath: instancePath + "/step",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate211.errors = [{
instancePath: instancePath + "/step",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs21 === errors;
} else var valid0 = true;
if (valid0) {
if (data.note !== void 0) {
let data11 = data.note;
const _errs23 = errors;
if (errors === _errs23) {
if (typeof data11 === "string") {
if (func2(data11) > 1e3) {
validate211.errors = [{
instancePath: instancePath + "/note",
keyword: "maxLength",
params: { limit: 1e3 }
}];
return false;
}
} else {
validate211.errors = [{
instancePath: instancePath + "/note",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs23 === errors;
} else var valid0 = true;
if (valid0) {
if (data.picture !== void 0) {
let data12 = data.picture;
const _errs25 = errors;
if (errors === _errs25) {
if (typeof data12 === "string") {
if (func2(data12) > 80) {
validate211.errors = [{
instancePath: instancePath + "/picture",
keyword: "maxLength",
params: { limit: 80 }
}];
return false;
}
} else {
validate211.errors = [{
instancePath: instancePath + "/picture",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs25 === errors;
} else var valid0 = true;
}
}
}
}
}
}
}
}
}
}
}
}
}
} else {
validate211.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate211.errors = vErrors;
return errors === 0;
}
validate211.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate210(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate210.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (Array.isArray(data)) {
if (data.length > 500) {
validate210.errors = [{
instancePath,
keyword: "maxItems",
params: { limit: 500 }
}];
return false;
} else if (data.length < 1) {
validate210.errors = [{
instancePath,
keyword: "minItems",
params: { limit: 1 }
}];
return false;
} else {
const len0 = data.length;
for (let i0 = 0; i0 < len0; i0++) {
const _errs1 = errors;
if (!validate211(data[i0], {
instancePath: instancePath + "/" + i0,
parentData: data,
parentDataProperty: i0,
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate211.errors : vErrors.concat(validate211.errors);
errors = vErrors.length;
}
if (!(_errs1 === errors)) break;
}
}
} else {
validate210.errors = [{
instancePath,
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
validate210.errors = vErrors;
return errors === 0;
}
validate210.evaluated = {
"items": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate198(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate198.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.done === void 0 && (missing0 = "done")) {
validate198.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!(key0 === "from" || key0 === "done" || key0 === "said" || key0 === "until" || key0 === "weighed" || key0 === "air" || key0 === "trouble")) {
validate198.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.from !== void 0) {
let data0 = data.from;
const _errs2 = errors;
if (errors === _errs2) {
if (typeof data0 === "string") {
if (func2(data0) > 40) {
validate198.errors = [{
instancePath: instancePath + "/from",
keyword: "maxLength",
params: { limit: 40 }
}];
return false;
}
} else {
validate198.errors = [{
instancePath: instancePath + "/from",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.done !== void 0) {
let data1 = data.done;
const _errs4 = errors;
if (errors === _errs4) {
if (Array.isArray(data1)) {
if (data1.length > 4e3) {
validate198.errors = [{
instancePath: instancePath + "/done",
keyword: "maxItems",
params: { limit: 4e3 }
}];
return false;
} else if (data1.length < 0) {
validate198.errors = [{
instancePath: instancePath + "/done",
keyword: "minItems",
params: { limit: 0 }
}];
return false;
} else {
const len0 = data1.length;
for (let i0 = 0; i0 < len0; i0++) {
let data2 = data1[i0];
const _errs6 = errors;
if (errors === _errs6) {
if (data2 && typeof data2 == "object" && !Array.isArray(data2)) {
let missing1;
if (data2.step === void 0 && (missing1 = "step") || data2.at === void 0 && (missing1 = "at")) {
validate198.errors = [{
instancePath: instancePath + "/done/" + i0,
keyword: "required",
params: { missingProperty: missing1 }
}];
return false;
} else {
const _errs8 = errors;
for (const key1 in data2) if (!(key1 === "step" || key1 === "at")) {
validate198.errors = [{
instancePath: instancePath + "/done/" + i0,
keyword: "additionalProperties",
params: { additionalProperty: key1 }
}];
return false;
}
if (_errs8 === errors) {
if (data2.step !== void 0) {
let data3 = data2.step;
const _errs9 = errors;
if (errors === _errs9) {
if (typeof data3 === "string") {
if (func2(data3) > 200) {
validate198.errors = [{
instancePath: instancePath + "/done/" + i0 + "/step",
keyword: "maxLength",
params: { limit: 200 }
}];
return false;
} else if (func2(data3) < 1) {
validate198.errors = [{
instancePath: instancePath + "/done/" + i0 + "/step",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate198.errors = [{
instancePath: instancePath + "/done/" + i0 + "/step",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid2 = _errs9 === errors;
} else var valid2 = true;
if (valid2) {
if (data2.at !== void 0) {
let data4 = data2.at;
const _errs11 = errors;
if (errors === _errs11) {
if (typeof data4 === "string") {
if (func2(data4) > 40) {
validate198.errors = [{
instancePath: instancePath + "/done/" + i0 + "/at",
keyword: "maxLength",
params: { limit: 40 }
}];
return false;
}
} else {
validate198.errors = [{
instancePath: instancePath + "/done/" + i0 + "/at",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid2 = _errs11 === errors;
} else var valid2 = true;
}
}
}
} else {
validate198.errors = [{
instancePath: instancePath + "/done/" + i0,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
if (!(_errs6 === errors)) break;
}
}
} else {
validate198.errors = [{
instancePath: instancePath + "/done",
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
var valid0 = _errs4 === errors;
} else var valid0 = true;
if (valid0) {
if (data.said !== void 0) {
const _errs13 = errors;
if (!validate199(data.said, {
instancePath: instancePath + "/said",
parentData: data,
parentDataProperty: "said",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate199.errors : vErrors.concat(validate199.errors);
errors = vErrors.length;
}
var valid0 = _errs13 === errors;
} else var valid0 = true;
if (valid0) {
if (data.until !== void 0) {
let data6 = data.until;
const _errs14 = errors;
if (errors === _errs14) {
if (typeof data6 === "string") {
if (func2(data6) > 40) {
validate198.errors = [{
instancePath: instancePath + "/until",
keyword: "maxLength",
params: { limit: 40 }
}];
return false;
}
} else {
validate198.errors = [{
instancePath: instancePath + "/until",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs14 === errors;
} else var valid0 = true;
if (valid0) {
if (data.weighed !== void 0) {
const _errs16 = errors;
if (!validate204(data.weighed, {
instancePath: instancePath + "/weighed",
parentData: data,
parentDataProperty: "weighed",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate204.errors : vErrors.concat(validate204.errors);
errors = vErrors.length;
}
var valid0 = _errs16 === errors;
} else var valid0 = true;
if (valid0) {
if (data.air !== void 0) {
const _errs17 = errors;
if (!validate208(data.air, {
instancePath: instancePath + "/air",
parentData: data,
parentDataProperty: "air",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate208.errors : vErrors.concat(validate208.errors);
errors = vErrors.length;
}
var valid0 = _errs17 === errors;
} else var valid0 = true;
if (valid0) {
if (data.trouble !== void 0) {
const _errs18 = errors;
if (!validate210(data.trouble, {
instancePath: instancePath + "/trouble",
parentData: data,
parentDataProperty: "trouble",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate210.errors : vErrors.concat(validate210.errors);
errors = vErrors.length;
}
var valid0 = _errs18 === errors;
} else var valid0 = true;
}
}
}
}
}
}
}
}
} else {
validate198.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate198.errors = vErrors;
return errors === 0;
}
validate198.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate221(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate221.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.id === void 0 && (missing0 = "id") || data.name === void 0 && (missing0 = "name") || data.number === void 0 && (missing0 = "number") || data.food === void 0 && (missing0 = "food") || data.where === void 0 && (missing0 = "where")) {
validate221.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
for (const key0 in data) if (!(key0 === "id" || key0 === "name" || key0 === "number" || key0 === "food" || key0 === "where")) {
validate221.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (data.id !== void 0) {
let data0 = data.id;
if (typeof data0 === "string") {
if (func2(data0) > 80) {
validate221.errors = [{
instancePath: instancePath + "/id",
keyword: "maxLength",
params: { limit: 80 }
}];
return false;
} else if (func2(data0) < 1) {
validate221.errors = [{
instancePath: instancePath + "/id",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate221.errors = [{
instancePath: instancePath + "/id",
keyword: "type",
params: { type: "string" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.name !== void 0) {
let data1 = data.name;
if (typeof data1 === "string") {
if (func2(data1) > 120) {
validate221.errors = [{
instancePath: instancePath + "/name",
keyword: "maxLength",
params: { limit: 120 }
}];
return false;
} else if (func2(data1) < 1) {
validate221.errors = [{
instancePath: instancePath + "/name",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate221.errors = [{
instancePath: instancePath + "/name",
keyword: "type",
params: { type: "string" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.number !== void 0) {
let data2 = data.number;
if (!(typeof data2 == "number" && !(data2 % 1) && !isNaN(data2) && isFinite(data2))) {
validate221.errors = [{
instancePath: instancePath + "/number",
keyword: "type",
params: { type: "integer" }
}];
return false;
}
if (typeof data2 == "number" && isFinite(data2)) {
if (data2 > 500 || isNaN(data2)) {
validate221.errors = [{
instancePath: instancePath + "/number",
keyword: "maximum",
params: {
comparison: "<=",
limit: 500
}
}];
return false;
} else if (data2 < 1 || isNaN(data2)) {
validate221.errors = [{
instancePath: instancePath + "/number",
keyword: "minimum",
params: {
comparison: ">=",
limit: 1
}
}];
return false;
}
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.food !== void 0) {
if (typeof data.food !== "boolean") {
validate221.errors = [{
instancePath: instancePath + "/food",
keyword: "type",
params: { type: "boolean" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.where !== void 0) {
let data4 = data.where;
if (typeof data4 === "string") {
if (func2(data4) > 120) {
validate221.errors = [{
instancePath: instancePath + "/where",
keyword: "maxLength",
params: { limit: 120 }
}];
return false;
}
} else {
validate221.errors = [{
instancePath: instancePath + "/where",
keyword: "type",
params: { type: "string" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
}
}
}
}
}
} else {
validate221.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
validate221.errors = vErrors;
return true;
}
validate221.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate220(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate220.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (Array.isArray(data)) {
if (data.length > 60) {
validate220.errors = [{
instancePath,
keyword: "maxItems",
params: { limit: 60 }
}];
return false;
} else if (data.length < 1) {
validate220.errors = [{
instancePath,
keyword: "minItems",
params: { limit: 1 }
}];
return false;
} else {
const len0 = data.length;
for (let i0 = 0; i0 < len0; i0++) {
const _errs1 = errors;
if (!validate221(data[i0], {
instancePath: instancePath + "/" + i0,
parentData: data,
parentDataProperty: i0,
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate221.errors : vErrors.concat(validate221.errors);
errors = vErrors.length;
}
if (!(_errs1 === errors)) break;
}
}
} else {
validate220.errors = [{
instancePath,
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
validate220.errors = vErrors;
return errors === 0;
}
validate220.evaluated = {
"items": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate219(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate219.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
const _errs1 = errors;
for (const key0 in data) if (!(key0 === "apart" || key0 === "minutes" || key0 === "air" || key0 === "cooled" || key0 === "stands" || key0 === "toppers" || key0 === "counted" || key0 === "note")) {
validate219.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.apart !== void 0) {
let data0 = data.apart;
const _errs2 = errors;
if (errors === _errs2) {
if (Array.isArray(data0)) {
if (data0.length > 600) {
validate219.errors = [{
instancePath: instancePath + "/apart",
keyword: "maxItems",
params: { limit: 600 }
}];
return false;
} else if (data0.length < 1) {
validate219.errors = [{
instancePath: instancePath + "/apart",
keyword: "minItems",
params: { limit: 1 }
}];
return false;
} else {
const len0 = data0.length;
for (let i0 = 0; i0 < len0; i0++) {
let data1 = data0[i0];
const _errs4 = errors;
if (errors === _errs4) {
if (typeof data1 === "string") {
if (!pattern4.test(data1)) {
validate219.errors = [{
instancePath: instancePath + "/apart/" + i0,
keyword: "pattern",
params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" }
}];
return false;
}
} else {
validate219.errors = [{
instancePath: instancePath + "/apart/" + i0,
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
if (!(_errs4 === errors)) break;
}
}
} else {
validate219.errors = [{
instancePath: instancePath + "/apart",
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.minutes !== void 0) {
let data2 = data.minutes;
const _errs6 = errors;
if (errors === _errs6) {
if (typeof data2 == "number" && isFinite(data2)) {
if (data2 > 2880 || isNaN(data2)) {
validate219.errors = [{
instancePath: instancePath + "/minutes",
keyword: "maximum",
params: {
comparison: "<=",
limit: 2880
}
}];
return false;
} else if (data2 < 0 || isNaN(data2)) {
validate219.errors = [{
instancePath: instancePath + "/minutes",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate219.errors = [{
instancePath: instancePath + "/minutes",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs6 === errors;
} else var valid0 = true;
if (valid0) {
if (data.air !== void 0) {
let data3 = data.air;
const _errs8 = errors;
if (errors === _errs8) {
if (typeof data3 == "number" && isFinite(data3)) {
if (data3 > 50 || isNaN(data3)) {
validate219.errors = [{
instancePath: instancePath + "/air",
keyword: "maximum",
params: {
comparison: "<=",
limit: 50
}
}];
return false;
} else if (data3 < -20 || isNaN(data3)) {
validate219.errors = [{
instancePath: instancePath + "/air",
keyword: "minimum",
params: {
comparison: ">=",
limit: -20
}
}];
return false;
}
} else {
validate219.errors = [{
instancePath: instancePath + "/air",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs8 === errors;
} else var valid0 = true;
if (valid0) {
if (data.cooled !== void 0) {
let data4 = data.cooled;
const _errs10 = errors;
if (typeof data4 !== "boolean") {
validate219.errors = [{
instancePath: instancePath + "/cooled",
keyword: "type",
params: { type: "boolean" }
}];
return false;
}
if (true !== data4) {
validate219.errors = [{
instancePath: instancePath + "/cooled",
keyword: "const",
params: { allowedValue: true }
}];
return false;
}
var valid0 = _errs10 === errors;
} else var valid0 = true;
if (valid0) {
if (data.stands !== void 0) {
let data5 = data.stands;
const _errs12 = errors;
if (errors === _errs12) {
if (typeof data5 == "number" && isFinite(data5)) {
if (data5 > 20160 || isNaN(data5)) {
validate219.errors = [{
instancePath: instancePath + "/stands",
keyword: "maximum",
params: {
comparison: "<=",
limit: 20160
}
}];
return false;
} else if (data5 < 0 || isNaN(data5)) {
validate219.errors = [{
instancePath: instancePath + "/stands",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate219.errors = [{
instancePath: instancePath + "/stands",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs12 === errors;
} else var valid0 = true;
if (valid0) {
if (data.toppers !== void 0) {
const _errs14 = errors;
if (!validate220(data.toppers, {
instancePath: instancePath + "/toppers",
parentData: data,
parentDataProperty: "toppers",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate220.errors : vErrors.concat(validate220.errors);
errors = vErrors.length;
}
var valid0 = _errs14 === errors;
} else var valid0 = true;
if (valid0) {
if (data.counted !== void 0) {
let data7 = data.counted;
const _errs15 = errors;
if (errors === _errs15) {
if (data7 && typeof data7 == "object" && !Array.isArray(data7)) {
if (Object.keys(data7).length > 400) {
validate219.errors = [{
instancePath: instancePath + "/counted",
keyword: "maxProperties",
params: { limit: 400 }
}];
return false;
} else for (const key1 in data7) {
let data8 = data7[key1];
const _errs18 = errors;
if (errors === _errs18) {
if (typeof data8 == "number" && isFinite(data8)) {
if (data8 > 2e4 || isNaN(data8)) {
validate219.errors = [{
instancePath: instancePath + "/counted/" + key1.replace(/~/g, "~0").replace(/\//g, "~1"),
keyword: "maximum",
params: {
comparison: "<=",
limit: 2e4
}
}];
return false;
} else if (data8 < 0 || isNaN(data8)) {
validate219.errors = [{
instancePath: instancePath + "/counted/" + key1.replace(/~/g, "~0").replace(/\//g, "~1"),
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate219.errors = [{
instancePath: instancePath + "/counted/" + key1.replace(/~/g, "~0").replace(/\//g, "~1"),
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
if (!(_errs18 === errors)) break;
}
} else {
validate219.errors = [{
instancePath: instancePath + "/counted",
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
var valid0 = _errs15 === errors;
} else var valid0 = true;
if (valid0) {
if (data.note !== void 0) {
let data9 = data.note;
const _errs20 = errors;
if (errors === _errs20) {
if (typeof data9 === "string") {
if (func2(data9) > 2e3) {
validate219.errors = [{
instancePath: instancePath + "/note",
keyword: "maxLength",
params: { limit: 2e3 }
}];
return false;
}
} else {
validate219.errors = [{
instancePath: instancePath + "/note",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs20 === errors;
} else var valid0 = true;
}
}
}
}
}
}
}
}
} else {
validate219.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate219.errors = vErrors;
return errors === 0;
}
validate219.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
const schema96 = {
"additionalProperties": false,
"type": "object",
"required": [
"id",
"name",
"room",
"board",
"blends",
"colours",
"pieces",
"rods",
"cake",
"steps"
],
"properties": {
"id": {
"pattern": "^[a-z0-9][a-z0-9-]{0,59}$",
"type": "string"
},
"name": {
"maxLength": 120,
"minLength": 1,
"type": "string"
},
"room": { "$ref": "#/$defs/record6" },
"board": { "$ref": "#/$defs/record7" },
"blends": { "$ref": "#/$defs/array9" },
"colours": { "$ref": "#/$defs/array14" },
"pieces": { "$ref": "#/$defs/array18" },
"rods": { "$ref": "#/$defs/array24" },
"cake": { "$ref": "#/$defs/record29" },
"portions": { "$ref": "#/$defs/record37" },
"card": { "$ref": "#/$defs/record38" },
"mast": { "$ref": "#/$defs/record39" },
"steps": { "$ref": "#/$defs/record40" }
}
};
function validate226(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate226.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.id === void 0 && (missing0 = "id") || data.name === void 0 && (missing0 = "name") || data.room === void 0 && (missing0 = "room") || data.board === void 0 && (missing0 = "board") || data.blends === void 0 && (missing0 = "blends") || data.colours === void 0 && (missing0 = "colours") || data.pieces === void 0 && (missing0 = "pieces") || data.rods === void 0 && (missing0 = "rods") || data.cake === void 0 && (missing0 = "cake") || data.steps === void 0 && (missing0 = "steps")) {
validate226.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!func1.call(schema96.properties, key0)) {
validate226.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.id !== void 0) {
let data0 = data.id;
const _errs2 = errors;
if (errors === _errs2) {
if (typeof data0 === "string") {
if (!pattern4.test(data0)) {
validate226.errors = [{
instancePath: instancePath + "/id",
keyword: "pattern",
params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" }
}];
return false;
}
} else {
validate226.errors = [{
instancePath: instancePath + "/id",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.name !== void 0) {
let data1 = data.name;
const _errs4 = errors;
if (errors === _errs4) {
if (typeof data1 === "string") {
if (func2(data1) > 120) {
validate226.errors = [{
instancePath: instancePath + "/name",
keyword: "maxLength",
params: { limit: 120 }
}];
return false;
} else if (func2(data1) < 1) {
validate226.errors = [{
instancePath: instancePath + "/name",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate226.errors = [{
instancePath: instancePath + "/name",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs4 === errors;
} else var valid0 = true;
if (valid0) {
if (data.room !== void 0) {
const _errs6 = errors;
if (!validate67(data.room, {
instancePath: instancePath + "/room",
parentData: data,
parentDataProperty: "room",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate67.errors : vErrors.concat(validate67.errors);
errors = vErrors.length;
}
var valid0 = _errs6 === errors;
} else var valid0 = true;
if (valid0) {
if (data.board !== void 0) {
const _errs7 = errors;
if (!validate69(data.board, {
instancePath: instancePath + "/board",
parentData: data,
parentDataProperty: "board",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate69.errors : vErrors.concat(validate69.errors);
errors = vErrors.length;
}
var valid0 = _errs7 === errors;
} else var valid0 = true;
if (valid0) {
if (data.blends !== void 0) {
const _errs8 = errors;
if (!validate73(data.blends, {
instancePath: instancePath + "/blends",
parentData: data,
parentDataProperty: "blends",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate73.errors : vErrors.concat(validate73.errors);
errors = vErrors.length;
}
var valid0 = _errs8 === errors;
} else var valid0 = true;
if (valid0) {
if (data.colours !== void 0) {
const _errs9 = errors;
if (!validate84(data.colours, {
instancePath: instancePath + "/colours",
parentData: data,
parentDataProperty: "colours",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate84.errors : vErrors.concat(validate84.errors);
errors = vErrors.length;
}
var valid0 = _errs9 === errors;
} else var valid0 = true;
if (valid0) {
if (data.pieces !== void 0) {
const _errs10 = errors;
if (!validate92(data.pieces, {
instancePath: instancePath + "/pieces",
parentData: data,
parentDataProperty: "pieces",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate92.errors : vErrors.concat(validate92.errors);
errors = vErrors.length;
}
var valid0 = _errs10 === errors;
} else var valid0 = true;
if (valid0) {
if (data.rods !== void 0) {
const _errs11 = errors;
if (!validate104(data.rods, {
instancePath: instancePath + "/rods",
parentData: data,
parentDataProperty: "rods",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate104.errors : vErrors.concat(validate104.errors);
errors = vErrors.length;
}
var valid0 = _errs11 === errors;
} else var valid0 = true;
if (valid0) {
if (data.cake !== void 0) {
const _errs12 = errors;
if (!validate117(data.cake, {
instancePath: instancePath + "/cake",
parentData: data,
parentDataProperty: "cake",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate117.errors : vErrors.concat(validate117.errors);
errors = vErrors.length;
}
var valid0 = _errs12 === errors;
} else var valid0 = true;
if (valid0) {
if (data.portions !== void 0) {
const _errs13 = errors;
if (!validate137(data.portions, {
instancePath: instancePath + "/portions",
parentData: data,
parentDataProperty: "portions",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate137.errors : vErrors.concat(validate137.errors);
errors = vErrors.length;
}
var valid0 = _errs13 === errors;
} else var valid0 = true;
if (valid0) {
if (data.card !== void 0) {
const _errs14 = errors;
if (!validate139(data.card, {
instancePath: instancePath + "/card",
parentData: data,
parentDataProperty: "card",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate139.errors : vErrors.concat(validate139.errors);
errors = vErrors.length;
}
var valid0 = _errs14 === errors;
} else var valid0 = true;
if (valid0) {
if (data.mast !== void 0) {
const _errs15 = errors;
if (!validate143(data.mast, {
instancePath: instancePath + "/mast",
parentData: data,
parentDataProperty: "mast",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate143.errors : vErrors.concat(validate143.errors);
errors = vErrors.length;
}
var valid0 = _errs15 === errors;
} else var valid0 = true;
if (valid0) {
if (data.steps !== void 0) {
const _errs16 = errors;
if (!validate145(data.steps, {
instancePath: instancePath + "/steps",
parentData: data,
parentDataProperty: "steps",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate145.errors : vErrors.concat(validate145.errors);
errors = vErrors.length;
}
var valid0 = _errs16 === errors;
} else var valid0 = true;
}
}
}
}
}
}
}
}
}
}
}
}
}
}
} else {
validate226.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate226.errors = vErrors;
return errors === 0;
}
validate226.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate225(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate225.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (Array.isArray(data)) {
if (data.length > 8) {
validate225.errors = [{
instancePath,
keyword: "maxItems",
params: { limit: 8 }
}];
return false;
} else if (data.length < 1) {
validate225.errors = [{
instancePath,
keyword: "minItems",
params: { limit: 1 }
}];
return false;
} else {
const len0 = data.length;
for (let i0 = 0; i0 < len0; i0++) {
const _errs1 = errors;
if (!validate226(data[i0], {
instancePath: instancePath + "/" + i0,
parentData: data,
parentDataProperty: i0,
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate226.errors : vErrors.concat(validate226.errors);
errors = vErrors.length;
}
if (!(_errs1 === errors)) break;
}
}
} else {
validate225.errors = [{
instancePath,
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
validate225.errors = vErrors;
return errors === 0;
}
validate225.evaluated = {
"items": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate52(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate52.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.format === void 0 && (missing0 = "format") || data.version === void 0 && (missing0 = "version") || data.id === void 0 && (missing0 = "id") || data.name === void 0 && (missing0 = "name") || data.brief === void 0 && (missing0 = "brief") || data.room === void 0 && (missing0 = "room") || data.board === void 0 && (missing0 = "board") || data.blends === void 0 && (missing0 = "blends") || data.colours === void 0 && (missing0 = "colours") || data.pieces === void 0 && (missing0 = "pieces") || data.rods === void 0 && (missing0 = "rods") || data.cake === void 0 && (missing0 = "cake") || data.steps === void 0 && (missing0 = "steps") || data.hours === void 0 && (missing0 = "hours") || data.practice === void 0 && (missing0 = "practice") || data.workshop === void 0 && (missing0 = "workshop") || data.reserves === void 0 && (missing0 = "reserves") || data.measured === void 0 && (missing0 = "measured") || data.log === void 0 && (missing0 = "log") || data.bench === void 0 && (missing0 = "bench")) {
validate52.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!func1.call(schema19.properties, key0)) {
validate52.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.format !== void 0) {
let data0 = data.format;
const _errs2 = errors;
if (typeof data0 !== "string") {
validate52.errors = [{
instancePath: instancePath + "/format",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if ("elm-spindle-build" !== data0) {
validate52.errors = [{
instancePath: instancePath + "/format",
keyword: "const",
params: { allowedValue: "elm-spindle-build" }
}];
return false;
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.version !== void 0) {
let data1 = data.version;
const _errs4 = errors;
if (!(typeof data1 == "number" && isFinite(data1))) {
validate52.errors = [{
instancePath: instancePath + "/version",
keyword: "type",
params: { type: "number" }
}];
return false;
}
if (17 !== data1) {
validate52.errors = [{
instancePath: instancePath + "/version",
keyword: "const",
params: { allowedValue: 17 }
}];
return false;
}
var valid0 = _errs4 === errors;
} else var valid0 = true;
if (valid0) {
if (data.id !== void 0) {
let data2 = data.id;
const _errs6 = errors;
if (errors === _errs6) {
if (typeof data2 === "string") {
if (func2(data2) > 80) {
validate52.errors = [{
instancePath: instancePath + "/id",
keyword: "maxLength",
params: { limit: 80 }
}];
return false;
} else if (func2(data2) < 1) {
validate52.errors = [{
instancePath: instancePath + "/id",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate52.errors = [{
instancePath: instancePath + "/id",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs6 === errors;
} else var valid0 = true;
if (valid0) {
if (data.name !== void 0) {
let data3 = data.name;
const _errs8 = errors;
if (errors === _errs8) {
if (typeof data3 === "string") {
if (func2(data3) > 120) {
validate52.errors = [{
instancePath: instancePath + "/name",
keyword: "maxLength",
params: { limit: 120 }
}];
return false;
} else if (func2(data3) < 1) {
validate52.errors = [{
instancePath: instancePath + "/name",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate52.errors = [{
instancePath: instancePath + "/name",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs8 === errors;
} else var valid0 = true;
if (valid0) {
if (data.brief !== void 0) {
const _errs10 = errors;
if (!validate53(data.brief, {
instancePath: instancePath + "/brief",
parentData: data,
parentDataProperty: "brief",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate53.errors : vErrors.concat(validate53.errors);
errors = vErrors.length;
}
var valid0 = _errs10 === errors;
} else var valid0 = true;
if (valid0) {
if (data.room !== void 0) {
const _errs11 = errors;
if (!validate67(data.room, {
instancePath: instancePath + "/room",
parentData: data,
parentDataProperty: "room",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate67.errors : vErrors.concat(validate67.errors);
errors = vErrors.length;
}
var valid0 = _errs11 === errors;
} else var valid0 = true;
if (valid0) {
if (data.board !== void 0) {
const _errs12 = errors;
if (!validate69(data.board, {
instancePath: instancePath + "/board",
parentData: data,
parentDataProperty: "board",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate69.errors : vErrors.concat(validate69.errors);
errors = vErrors.length;
}
var valid0 = _errs12 === errors;
} else var valid0 = true;
if (valid0) {
if (data.blends !== void 0) {
const _errs13 = errors;
if (!validate73(data.blends, {
instancePath: instancePath + "/blends",
parentData: data,
parentDataProperty: "blends",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate73.errors : vErrors.concat(validate73.errors);
errors = vErrors.length;
}
var valid0 = _errs13 === errors;
} else var valid0 = true;
if (valid0) {
if (data.colours !== void 0) {
const _errs14 = errors;
if (!validate84(data.colours, {
instancePath: instancePath + "/colours",
parentData: data,
parentDataProperty: "colours",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate84.errors : vErrors.concat(validate84.errors);
errors = vErrors.length;
}
var valid0 = _errs14 === errors;
} else var valid0 = true;
if (valid0) {
if (data.pieces !== void 0) {
const _errs15 = errors;
if (!validate92(data.pieces, {
instancePath: instancePath + "/pieces",
parentData: data,
parentDataProperty: "pieces",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate92.errors : vErrors.concat(validate92.errors);
errors = vErrors.length;
}
var valid0 = _errs15 === errors;
} else var valid0 = true;
if (valid0) {
if (data.rods !== void 0) {
const _errs16 = errors;
if (!validate104(data.rods, {
instancePath: instancePath + "/rods",
parentData: data,
parentDataProperty: "rods",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate104.errors : vErrors.concat(validate104.errors);
errors = vErrors.length;
}
var valid0 = _errs16 === errors;
} else var valid0 = true;
if (valid0) {
if (data.cake !== void 0) {
const _errs17 = errors;
if (!validate117(data.cake, {
instancePath: instancePath + "/cake",
parentData: data,
parentDataProperty: "cake",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate117.errors : vErrors.concat(validate117.errors);
errors = vErrors.length;
}
var valid0 = _errs17 === errors;
} else var valid0 = true;
if (valid0) {
if (data.portions !== void 0) {
const _errs18 = errors;
if (!validate137(data.portions, {
instancePath: instancePath + "/portions",
parentData: data,
parentDataProperty: "portions",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate137.errors : vErrors.concat(validate137.errors);
errors = vErrors.length;
}
var valid0 = _errs18 === errors;
} else var valid0 = true;
if (valid0) {
if (data.card !== void 0) {
const _errs19 = errors;
if (!validate139(data.card, {
instancePath: instancePath + "/card",
parentData: data,
parentDataProperty: "card",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate139.errors : vErrors.concat(validate139.errors);
errors = vErrors.length;
}
var valid0 = _errs19 === errors;
} else var valid0 = true;
if (valid0) {
if (data.mast !== void 0) {
const _errs20 = errors;
if (!validate143(data.mast, {
instancePath: instancePath + "/mast",
parentData: data,
parentDataProperty: "mast",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate143.errors : vErrors.concat(validate143.errors);
errors = vErrors.length;
}
var valid0 = _errs20 === errors;
} else var valid0 = true;
if (valid0) {
if (data.steps !== void 0) {
const _errs21 = errors;
if (!validate145(data.steps, {
instancePath: instancePath + "/steps",
parentData: data,
parentDataProperty: "steps",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate145.errors : vErrors.concat(validate145.errors);
errors = vErrors.length;
}
var valid0 = _errs21 === errors;
} else var valid0 = true;
if (valid0) {
if (data.hours !== void 0) {
const _errs22 = errors;
if (!validate155(data.hours, {
instancePath: instancePath + "/hours",
parentData: data,
parentDataProperty: "hours",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate155.errors : vErrors.concat(validate155.errors);
errors = vErrors.length;
}
var valid0 = _errs22 === errors;
} else var valid0 = true;
if (valid0) {
if (data.dates !== void 0) {
const _errs23 = errors;
if (!validate157(data.dates, {
instancePath: instancePath + "/dates",
parentData: data,
parentDataProperty: "dates",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate157.errors : vErrors.concat(validate157.errors);
errors = vErrors.length;
}
var valid0 = _errs23 === errors;
} else var valid0 = true;
if (valid0) {
if (data.practice !== void 0) {
const _errs24 = errors;
if (!validate161(data.practice, {
instancePath: instancePath + "/practice",
parentData: data,
parentDataProperty: "practice",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate161.errors : vErrors.concat(validate161.errors);
errors = vErrors.length;
}
var valid0 = _errs24 === errors;
} else var valid0 = true;
if (valid0) {
if (data.workshop !== void 0) {
const _errs25 = errors;
if (!validate163(data.workshop, {
instancePath: instancePath + "/workshop",
parentData: data,
parentDataProperty: "workshop",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate163.errors : vErrors.concat(validate163.errors);
errors = vErrors.length;
}
var valid0 = _errs25 === errors;
} else var valid0 = true;
if (valid0) {
if (data.reserves !== void 0) {
const _errs26 = errors;
if (!validate172(data.reserves, {
instancePath: instancePath + "/reserves",
parentData: data,
parentDataProperty: "reserves",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate172.errors : vErrors.concat(validate172.errors);
errors = vErrors.length;
}
var valid0 = _errs26 === errors;
} else var valid0 = true;
if (valid0) {
if (data.measured !== void 0) {
const _errs27 = errors;
if (!validate178(data.measured, {
instancePath: instancePath + "/measured",
parentData: data,
parentDataProperty: "measured",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate178.errors : vErrors.concat(validate178.errors);
errors = vErrors.length;
}
var valid0 = _errs27 === errors;
} else var valid0 = true;
if (valid0) {
if (data.log !== void 0) {
const _errs28 = errors;
if (!validate183(data.log, {
instancePath: instancePath + "/log",
parentData: data,
parentDataProperty: "log",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate183.errors : vErrors.concat(validate183.errors);
errors = vErrors.length;
}
var valid0 = _errs28 === errors;
} else var valid0 = true;
if (valid0) {
if (data.bench !== void 0) {
const _errs29 = errors;
if (!validate198(data.bench, {
instancePath: instancePath + "/bench",
parentData: data,
parentDataProperty: "bench",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate198.errors : vErrors.concat(validate198.errors);
errors = vErrors.length;
}
var valid0 = _errs29 === errors;
} else var valid0 = true;
if (valid0) {
if (data.handover !== void 0) {
const _errs30 = errors;
if (!validate219(data.handover, {
instancePath: instancePath + "/handover",
parentData: data,
parentDataProperty: "handover",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate219.errors : vErrors.concat(validate219.errors);
errors = vErrors.length;
}
var valid0 = _errs30 === errors;
} else var valid0 = true;
if (valid0) {
if (data.variation !== void 0) {
let data25 = data.variation;
const _errs31 = errors;
if (errors === _errs31) {
if (typeof data25 === "string") {
if (func2(data25) > 120) {
validate52.errors = [{
instancePath: instancePath + "/variation",
keyword: "maxLength",
params: { limit: 120 }
}];
return false;
} else if (func2(data25) < 1) {
validate52.errors = [{
instancePath: instancePath + "/variation",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate52.errors = [{
instancePath: instancePath + "/variation",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs31 === errors;
} else var valid0 = true;
if (valid0) {
if (data.variations !== void 0) {
const _errs33 = errors;
if (!validate225(data.variations, {
instancePath: instancePath + "/variations",
parentData: data,
parentDataProperty: "variations",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate225.errors : vErrors.concat(validate225.errors);
errors = vErrors.length;
}
var valid0 = _errs33 === errors;
} else var valid0 = true;
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
} else {
validate52.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate52.errors = vErrors;
return errors === 0;
}
validate52.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
export { validateBuild };
