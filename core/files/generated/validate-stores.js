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
const validateStores = validate52;
const func1 = require_ucs2length().default;
const pattern3 = /* @__PURE__ */ new RegExp("^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$", "u");
function validate55(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate55.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (typeof data === "string") {
if (!pattern3.test(data)) {
validate55.errors = [{
instancePath,
keyword: "pattern",
params: { pattern: "^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$" }
}];
return false;
}
} else {
validate55.errors = [{
instancePath,
keyword: "type",
params: { type: "string" }
}];
return false;
}
validate55.errors = vErrors;
return true;
}
validate55.evaluated = {
"dynamicProps": false,
"dynamicItems": false
};
const schema25 = {
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
function validate59(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate59.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (typeof data !== "string") {
validate59.errors = [{
instancePath,
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data === "fondant" || data === "gumPaste" || data === "modellingPaste" || data === "marzipan" || data === "chocolateDark" || data === "chocolateMilk" || data === "chocolateWhite" || data === "chocolateCompound" || data === "royalIcing")) {
validate59.errors = [{
instancePath,
keyword: "enum",
params: { allowedValues: schema25.enum }
}];
return false;
}
validate59.errors = vErrors;
return true;
}
validate59.evaluated = {
"dynamicProps": false,
"dynamicItems": false
};
function validate58(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate58.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.base === void 0 && (missing0 = "base") || data.gumPaste === void 0 && (missing0 = "gumPaste") || data.powder === void 0 && (missing0 = "powder")) {
validate58.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!(key0 === "base" || key0 === "gumPaste" || key0 === "powder" || key0 === "ratio")) {
validate58.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.base !== void 0) {
const _errs2 = errors;
if (!validate59(data.base, {
instancePath: instancePath + "/base",
parentData: data,
parentDataProperty: "base",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate59.errors : vErrors.concat(validate59.errors);
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
validate58.errors = [{
instancePath: instancePath + "/gumPaste",
keyword: "maximum",
params: {
comparison: "<=",
limit: 100
}
}];
return false;
} else if (data1 < 0 || isNaN(data1)) {
validate58.errors = [{
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
validate58.errors = [{
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
validate58.errors = [{
instancePath: instancePath + "/powder",
keyword: "maximum",
params: {
comparison: "<=",
limit: 5
}
}];
return false;
} else if (data2 < 0 || isNaN(data2)) {
validate58.errors = [{
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
validate58.errors = [{
instancePath: instancePath + "/powder",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs5 === errors;
} else var valid0 = true;
if (valid0) {
if (data.ratio !== void 0) {
let data3 = data.ratio;
const _errs7 = errors;
if (errors === _errs7) {
if (typeof data3 == "number" && isFinite(data3)) {
if (data3 > 8 || isNaN(data3)) {
validate58.errors = [{
instancePath: instancePath + "/ratio",
keyword: "maximum",
params: {
comparison: "<=",
limit: 8
}
}];
return false;
} else if (data3 < 1 || isNaN(data3)) {
validate58.errors = [{
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
validate58.errors = [{
instancePath: instancePath + "/ratio",
keyword: "type",
params: { type: "number" }
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
validate58.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate58.errors = vErrors;
return errors === 0;
}
validate58.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate62(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate62.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (Array.isArray(data)) {
if (data.length > 20) {
validate62.errors = [{
instancePath,
keyword: "maxItems",
params: { limit: 20 }
}];
return false;
} else if (data.length < 0) {
validate62.errors = [{
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
if (func1(data0) > 60) {
validate62.errors = [{
instancePath: instancePath + "/" + i0,
keyword: "maxLength",
params: { limit: 60 }
}];
return false;
}
} else {
validate62.errors = [{
instancePath: instancePath + "/" + i0,
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
}
} else {
validate62.errors = [{
instancePath,
keyword: "type",
params: { type: "array" }
}];
return false;
}
validate62.errors = vErrors;
return true;
}
validate62.evaluated = {
"items": true,
"dynamicProps": false,
"dynamicItems": false
};
const pattern4 = /* @__PURE__ */ new RegExp("^#[0-9a-fA-F]{6}$", "u");
function validate57(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate57.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.blend === void 0 && (missing0 = "blend") || data.colour === void 0 && (missing0 = "colour") || data.clean === void 0 && (missing0 = "clean") || data.allergens === void 0 && (missing0 = "allergens")) {
validate57.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!(key0 === "blend" || key0 === "colour" || key0 === "clean" || key0 === "allergens")) {
validate57.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.blend !== void 0) {
const _errs2 = errors;
if (!validate58(data.blend, {
instancePath: instancePath + "/blend",
parentData: data,
parentDataProperty: "blend",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate58.errors : vErrors.concat(validate58.errors);
errors = vErrors.length;
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.colour !== void 0) {
let data1 = data.colour;
const _errs3 = errors;
if (errors === _errs3) {
if (data1 && typeof data1 == "object" && !Array.isArray(data1)) {
let missing1;
if (data1.name === void 0 && (missing1 = "name") || data1.hex === void 0 && (missing1 = "hex")) {
validate57.errors = [{
instancePath: instancePath + "/colour",
keyword: "required",
params: { missingProperty: missing1 }
}];
return false;
} else {
const _errs5 = errors;
for (const key1 in data1) if (!(key1 === "name" || key1 === "hex")) {
validate57.errors = [{
instancePath: instancePath + "/colour",
keyword: "additionalProperties",
params: { additionalProperty: key1 }
}];
return false;
}
if (_errs5 === errors) {
if (data1.name !== void 0) {
let data2 = data1.name;
const _errs6 = errors;
if (errors === _errs6) {
if (typeof data2 === "string") {
if (func1(data2) > 120) {
validate57.errors = [{
instancePath: instancePath + "/colour/name",
keyword: "maxLength",
params: { limit: 120 }
}];
return false;
} else if (func1(data2) < 1) {
validate57.errors = [{
instancePath: instancePath + "/colour/name",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate57.errors = [{
instancePath: instancePath + "/colour/name",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid1 = _errs6 === errors;
} else var valid1 = true;
if (valid1) {
if (data1.hex !== void 0) {
let data3 = data1.hex;
const _errs8 = errors;
if (errors === _errs8) {
if (typeof data3 === "string") {
if (!pattern4.test(data3)) {
validate57.errors = [{
instancePath: instancePath + "/colour/hex",
keyword: "pattern",
params: { pattern: "^#[0-9a-fA-F]{6}$" }
}];
return false;
}
} else {
validate57.errors = [{
instancePath: instancePath + "/colour/hex",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid1 = _errs8 === errors;
} else var valid1 = true;
}
}
}
} else {
validate57.errors = [{
instancePath: instancePath + "/colour",
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
var valid0 = _errs3 === errors;
} else var valid0 = true;
if (valid0) {
if (data.clean !== void 0) {
const _errs10 = errors;
if (typeof data.clean !== "boolean") {
validate57.errors = [{
instancePath: instancePath + "/clean",
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
if (!validate62(data.allergens, {
instancePath: instancePath + "/allergens",
parentData: data,
parentDataProperty: "allergens",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate62.errors : vErrors.concat(validate62.errors);
errors = vErrors.length;
}
var valid0 = _errs12 === errors;
} else var valid0 = true;
}
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
}
validate57.errors = vErrors;
return errors === 0;
}
validate57.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
const schema27 = {
"additionalProperties": false,
"type": "object",
"required": ["shape", "sizes"],
"properties": {
"shape": {
"type": "string",
"enum": [
"ball",
"block",
"round",
"square",
"disc"
]
},
"sizes": {
"maxItems": 3,
"minItems": 1,
"type": "array",
"items": {
"type": "number",
"minimum": 0,
"maximum": 1e4
}
},
"made": {
"maxLength": 20,
"type": "string"
}
}
};
function validate65(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate65.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.shape === void 0 && (missing0 = "shape") || data.sizes === void 0 && (missing0 = "sizes")) {
validate65.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
for (const key0 in data) if (!(key0 === "shape" || key0 === "sizes" || key0 === "made")) {
validate65.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (data.shape !== void 0) {
let data0 = data.shape;
if (typeof data0 !== "string") {
validate65.errors = [{
instancePath: instancePath + "/shape",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data0 === "ball" || data0 === "block" || data0 === "round" || data0 === "square" || data0 === "disc")) {
validate65.errors = [{
instancePath: instancePath + "/shape",
keyword: "enum",
params: { allowedValues: schema27.properties.shape.enum }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.sizes !== void 0) {
let data1 = data.sizes;
if (Array.isArray(data1)) {
if (data1.length > 3) {
validate65.errors = [{
instancePath: instancePath + "/sizes",
keyword: "maxItems",
params: { limit: 3 }
}];
return false;
} else if (data1.length < 1) {
validate65.errors = [{
instancePath: instancePath + "/sizes",
keyword: "minItems",
params: { limit: 1 }
}];
return false;
} else {
const len0 = data1.length;
for (let i0 = 0; i0 < len0; i0++) {
let data2 = data1[i0];
if (typeof data2 == "number" && isFinite(data2)) {
if (data2 > 1e4 || isNaN(data2)) {
validate65.errors = [{
instancePath: instancePath + "/sizes/" + i0,
keyword: "maximum",
params: {
comparison: "<=",
limit: 1e4
}
}];
return false;
} else if (data2 < 0 || isNaN(data2)) {
validate65.errors = [{
instancePath: instancePath + "/sizes/" + i0,
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate65.errors = [{
instancePath: instancePath + "/sizes/" + i0,
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
}
} else {
validate65.errors = [{
instancePath: instancePath + "/sizes",
keyword: "type",
params: { type: "array" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.made !== void 0) {
let data3 = data.made;
if (typeof data3 === "string") {
if (func1(data3) > 20) {
validate65.errors = [{
instancePath: instancePath + "/made",
keyword: "maxLength",
params: { limit: 20 }
}];
return false;
}
} else {
validate65.errors = [{
instancePath: instancePath + "/made",
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
validate65.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
validate65.errors = vErrors;
return true;
}
validate65.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate54(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate54.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.id === void 0 && (missing0 = "id") || data.ingredient === void 0 && (missing0 = "ingredient") || data.name === void 0 && (missing0 = "name") || data.amount === void 0 && (missing0 = "amount") || data.note === void 0 && (missing0 = "note")) {
validate54.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!(key0 === "id" || key0 === "ingredient" || key0 === "name" || key0 === "amount" || key0 === "keepBy" || key0 === "note" || key0 === "offcut" || key0 === "size")) {
validate54.errors = [{
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
if (func1(data0) > 80) {
validate54.errors = [{
instancePath: instancePath + "/id",
keyword: "maxLength",
params: { limit: 80 }
}];
return false;
} else if (func1(data0) < 1) {
validate54.errors = [{
instancePath: instancePath + "/id",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate54.errors = [{
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
if (data.ingredient !== void 0) {
let data1 = data.ingredient;
const _errs4 = errors;
if (errors === _errs4) {
if (typeof data1 === "string") {
if (func1(data1) > 80) {
validate54.errors = [{
instancePath: instancePath + "/ingredient",
keyword: "maxLength",
params: { limit: 80 }
}];
return false;
} else if (func1(data1) < 1) {
validate54.errors = [{
instancePath: instancePath + "/ingredient",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate54.errors = [{
instancePath: instancePath + "/ingredient",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs4 === errors;
} else var valid0 = true;
if (valid0) {
if (data.name !== void 0) {
let data2 = data.name;
const _errs6 = errors;
if (errors === _errs6) {
if (typeof data2 === "string") {
if (func1(data2) > 120) {
validate54.errors = [{
instancePath: instancePath + "/name",
keyword: "maxLength",
params: { limit: 120 }
}];
return false;
} else if (func1(data2) < 1) {
validate54.errors = [{
instancePath: instancePath + "/name",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate54.errors = [{
instancePath: instancePath + "/name",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs6 === errors;
} else var valid0 = true;
if (valid0) {
if (data.amount !== void 0) {
let data3 = data.amount;
const _errs8 = errors;
if (errors === _errs8) {
if (typeof data3 == "number" && isFinite(data3)) {
if (data3 > 1e6 || isNaN(data3)) {
validate54.errors = [{
instancePath: instancePath + "/amount",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1e6
}
}];
return false;
} else if (data3 < 0 || isNaN(data3)) {
validate54.errors = [{
instancePath: instancePath + "/amount",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate54.errors = [{
instancePath: instancePath + "/amount",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs8 === errors;
} else var valid0 = true;
if (valid0) {
if (data.keepBy !== void 0) {
const _errs10 = errors;
if (!validate55(data.keepBy, {
instancePath: instancePath + "/keepBy",
parentData: data,
parentDataProperty: "keepBy",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate55.errors : vErrors.concat(validate55.errors);
errors = vErrors.length;
}
var valid0 = _errs10 === errors;
} else var valid0 = true;
if (valid0) {
if (data.note !== void 0) {
let data5 = data.note;
const _errs11 = errors;
if (errors === _errs11) {
if (typeof data5 === "string") {
if (func1(data5) > 1e3) {
validate54.errors = [{
instancePath: instancePath + "/note",
keyword: "maxLength",
params: { limit: 1e3 }
}];
return false;
}
} else {
validate54.errors = [{
instancePath: instancePath + "/note",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs11 === errors;
} else var valid0 = true;
if (valid0) {
if (data.offcut !== void 0) {
const _errs13 = errors;
if (!validate57(data.offcut, {
instancePath: instancePath + "/offcut",
parentData: data,
parentDataProperty: "offcut",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate57.errors : vErrors.concat(validate57.errors);
errors = vErrors.length;
}
var valid0 = _errs13 === errors;
} else var valid0 = true;
if (valid0) {
if (data.size !== void 0) {
const _errs14 = errors;
if (!validate65(data.size, {
instancePath: instancePath + "/size",
parentData: data,
parentDataProperty: "size",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate65.errors : vErrors.concat(validate65.errors);
errors = vErrors.length;
}
var valid0 = _errs14 === errors;
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
validate54.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate54.errors = vErrors;
return errors === 0;
}
validate54.evaluated = {
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
if (Array.isArray(data)) {
if (data.length > 5e3) {
validate53.errors = [{
instancePath,
keyword: "maxItems",
params: { limit: 5e3 }
}];
return false;
} else if (data.length < 0) {
validate53.errors = [{
instancePath,
keyword: "minItems",
params: { limit: 0 }
}];
return false;
} else {
const len0 = data.length;
for (let i0 = 0; i0 < len0; i0++) {
const _errs1 = errors;
if (!validate54(data[i0], {
instancePath: instancePath + "/" + i0,
parentData: data,
parentDataProperty: i0,
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate54.errors : vErrors.concat(validate54.errors);
errors = vErrors.length;
}
if (!(_errs1 === errors)) break;
}
}
} else {
validate53.errors = [{
instancePath,
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
validate53.errors = vErrors;
return errors === 0;
}
validate53.evaluated = {
"items": true,
"dynamicProps": false,
"dynamicItems": false
};
const pattern5 = /* @__PURE__ */ new RegExp("^[a-z0-9][a-z0-9-]{0,59}$", "u");
function validate70(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate70.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.id === void 0 && (missing0 = "id") || data.name === void 0 && (missing0 = "name") || data.like === void 0 && (missing0 = "like") || data.allergens === void 0 && (missing0 = "allergens") || data.note === void 0 && (missing0 = "note")) {
validate70.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!(key0 === "id" || key0 === "name" || key0 === "like" || key0 === "density" || key0 === "shrink" || key0 === "allergens" || key0 === "note")) {
validate70.errors = [{
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
if (!pattern5.test(data0)) {
validate70.errors = [{
instancePath: instancePath + "/id",
keyword: "pattern",
params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" }
}];
return false;
}
} else {
validate70.errors = [{
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
if (func1(data1) > 120) {
validate70.errors = [{
instancePath: instancePath + "/name",
keyword: "maxLength",
params: { limit: 120 }
}];
return false;
} else if (func1(data1) < 1) {
validate70.errors = [{
instancePath: instancePath + "/name",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate70.errors = [{
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
if (!validate59(data.like, {
instancePath: instancePath + "/like",
parentData: data,
parentDataProperty: "like",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate59.errors : vErrors.concat(validate59.errors);
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
validate70.errors = [{
instancePath: instancePath + "/density",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1.7
}
}];
return false;
} else if (data3 < .1 || isNaN(data3)) {
validate70.errors = [{
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
validate70.errors = [{
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
validate70.errors = [{
instancePath: instancePath + "/shrink",
keyword: "maximum",
params: {
comparison: "<=",
limit: 10
}
}];
return false;
} else if (data4 < 0 || isNaN(data4)) {
validate70.errors = [{
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
validate70.errors = [{
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
if (!validate62(data.allergens, {
instancePath: instancePath + "/allergens",
parentData: data,
parentDataProperty: "allergens",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate62.errors : vErrors.concat(validate62.errors);
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
if (func1(data6) > 1e3) {
validate70.errors = [{
instancePath: instancePath + "/note",
keyword: "maxLength",
params: { limit: 1e3 }
}];
return false;
}
} else {
validate70.errors = [{
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
validate70.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate70.errors = vErrors;
return errors === 0;
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
if (Array.isArray(data)) {
if (data.length > 200) {
validate69.errors = [{
instancePath,
keyword: "maxItems",
params: { limit: 200 }
}];
return false;
} else if (data.length < 0) {
validate69.errors = [{
instancePath,
keyword: "minItems",
params: { limit: 0 }
}];
return false;
} else {
const len0 = data.length;
for (let i0 = 0; i0 < len0; i0++) {
const _errs1 = errors;
if (!validate70(data[i0], {
instancePath: instancePath + "/" + i0,
parentData: data,
parentDataProperty: i0,
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate70.errors : vErrors.concat(validate70.errors);
errors = vErrors.length;
}
if (!(_errs1 === errors)) break;
}
}
} else {
validate69.errors = [{
instancePath,
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
validate69.errors = vErrors;
return errors === 0;
}
validate69.evaluated = {
"items": true,
"dynamicProps": false,
"dynamicItems": false
};
const schema31 = {
"additionalProperties": false,
"type": "object",
"required": [
"id",
"number",
"name",
"hex",
"blend",
"grams",
"pots",
"mixed",
"from",
"note"
],
"properties": {
"id": {
"maxLength": 80,
"minLength": 1,
"type": "string"
},
"number": {
"type": "integer",
"minimum": 1,
"maximum": 99999
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
"later": {
"pattern": "^#[0-9a-fA-F]{6}$",
"type": "string"
},
"blend": { "$ref": "#/$defs/record5" },
"grams": {
"type": "number",
"minimum": 1,
"maximum": 1e6
},
"pots": { "$ref": "#/$defs/array13" },
"mixed": { "$ref": "#/$defs/string3" },
"from": {
"maxLength": 200,
"type": "string"
},
"offcut": {
"maxLength": 80,
"minLength": 1,
"type": "string"
},
"note": {
"maxLength": 1e3,
"type": "string"
}
}
};
const func15 = Object.prototype.hasOwnProperty;
const schema33 = {
"additionalProperties": false,
"type": "object",
"required": [
"name",
"kind",
"depth",
"amount"
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
"amount": {
"type": "number",
"minimum": .01,
"maximum": 1e4
}
}
};
function validate79(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate79.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.name === void 0 && (missing0 = "name") || data.kind === void 0 && (missing0 = "kind") || data.depth === void 0 && (missing0 = "depth") || data.amount === void 0 && (missing0 = "amount")) {
validate79.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
for (const key0 in data) if (!(key0 === "name" || key0 === "kind" || key0 === "depth" || key0 === "amount")) {
validate79.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (data.name !== void 0) {
let data0 = data.name;
if (typeof data0 === "string") {
if (func1(data0) > 120) {
validate79.errors = [{
instancePath: instancePath + "/name",
keyword: "maxLength",
params: { limit: 120 }
}];
return false;
} else if (func1(data0) < 1) {
validate79.errors = [{
instancePath: instancePath + "/name",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate79.errors = [{
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
validate79.errors = [{
instancePath: instancePath + "/kind",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data1 === "gel" || data1 === "liquid" || data1 === "oil" || data1 === "powder")) {
validate79.errors = [{
instancePath: instancePath + "/kind",
keyword: "enum",
params: { allowedValues: schema33.properties.kind.enum }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.depth !== void 0) {
let data2 = data.depth;
if (typeof data2 !== "string") {
validate79.errors = [{
instancePath: instancePath + "/depth",
keyword: "type",
params: { type: "string" }
}];
return false;
}
if (!(data2 === "pale" || data2 === "soft" || data2 === "middle" || data2 === "strong" || data2 === "deep")) {
validate79.errors = [{
instancePath: instancePath + "/depth",
keyword: "enum",
params: { allowedValues: schema33.properties.depth.enum }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.amount !== void 0) {
let data3 = data.amount;
if (typeof data3 == "number" && isFinite(data3)) {
if (data3 > 1e4 || isNaN(data3)) {
validate79.errors = [{
instancePath: instancePath + "/amount",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1e4
}
}];
return false;
} else if (data3 < .01 || isNaN(data3)) {
validate79.errors = [{
instancePath: instancePath + "/amount",
keyword: "minimum",
params: {
comparison: ">=",
limit: .01
}
}];
return false;
}
} else {
validate79.errors = [{
instancePath: instancePath + "/amount",
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
validate79.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
validate79.errors = vErrors;
return true;
}
validate79.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate78(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate78.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (Array.isArray(data)) {
if (data.length > 4) {
validate78.errors = [{
instancePath,
keyword: "maxItems",
params: { limit: 4 }
}];
return false;
} else if (data.length < 0) {
validate78.errors = [{
instancePath,
keyword: "minItems",
params: { limit: 0 }
}];
return false;
} else {
const len0 = data.length;
for (let i0 = 0; i0 < len0; i0++) {
const _errs1 = errors;
if (!validate79(data[i0], {
instancePath: instancePath + "/" + i0,
parentData: data,
parentDataProperty: i0,
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate79.errors : vErrors.concat(validate79.errors);
errors = vErrors.length;
}
if (!(_errs1 === errors)) break;
}
}
} else {
validate78.errors = [{
instancePath,
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
validate78.errors = vErrors;
return errors === 0;
}
validate78.evaluated = {
"items": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate76(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate76.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.id === void 0 && (missing0 = "id") || data.number === void 0 && (missing0 = "number") || data.name === void 0 && (missing0 = "name") || data.hex === void 0 && (missing0 = "hex") || data.blend === void 0 && (missing0 = "blend") || data.grams === void 0 && (missing0 = "grams") || data.pots === void 0 && (missing0 = "pots") || data.mixed === void 0 && (missing0 = "mixed") || data.from === void 0 && (missing0 = "from") || data.note === void 0 && (missing0 = "note")) {
validate76.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!func15.call(schema31.properties, key0)) {
validate76.errors = [{
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
if (func1(data0) > 80) {
validate76.errors = [{
instancePath: instancePath + "/id",
keyword: "maxLength",
params: { limit: 80 }
}];
return false;
} else if (func1(data0) < 1) {
validate76.errors = [{
instancePath: instancePath + "/id",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate76.errors = [{
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
if (data.number !== void 0) {
let data1 = data.number;
const _errs4 = errors;
if (!(typeof data1 == "number" && !(data1 % 1) && !isNaN(data1) && isFinite(data1))) {
validate76.errors = [{
instancePath: instancePath + "/number",
keyword: "type",
params: { type: "integer" }
}];
return false;
}
if (errors === _errs4) {
if (typeof data1 == "number" && isFinite(data1)) {
if (data1 > 99999 || isNaN(data1)) {
validate76.errors = [{
instancePath: instancePath + "/number",
keyword: "maximum",
params: {
comparison: "<=",
limit: 99999
}
}];
return false;
} else if (data1 < 1 || isNaN(data1)) {
validate76.errors = [{
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
var valid0 = _errs4 === errors;
} else var valid0 = true;
if (valid0) {
if (data.name !== void 0) {
let data2 = data.name;
const _errs6 = errors;
if (errors === _errs6) {
if (typeof data2 === "string") {
if (func1(data2) > 120) {
validate76.errors = [{
instancePath: instancePath + "/name",
keyword: "maxLength",
params: { limit: 120 }
}];
return false;
} else if (func1(data2) < 1) {
validate76.errors = [{
instancePath: instancePath + "/name",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate76.errors = [{
instancePath: instancePath + "/name",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs6 === errors;
} else var valid0 = true;
if (valid0) {
if (data.hex !== void 0) {
let data3 = data.hex;
const _errs8 = errors;
if (errors === _errs8) {
if (typeof data3 === "string") {
if (!pattern4.test(data3)) {
validate76.errors = [{
instancePath: instancePath + "/hex",
keyword: "pattern",
params: { pattern: "^#[0-9a-fA-F]{6}$" }
}];
return false;
}
} else {
validate76.errors = [{
instancePath: instancePath + "/hex",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs8 === errors;
} else var valid0 = true;
if (valid0) {
if (data.later !== void 0) {
let data4 = data.later;
const _errs10 = errors;
if (errors === _errs10) {
if (typeof data4 === "string") {
if (!pattern4.test(data4)) {
validate76.errors = [{
instancePath: instancePath + "/later",
keyword: "pattern",
params: { pattern: "^#[0-9a-fA-F]{6}$" }
}];
return false;
}
} else {
validate76.errors = [{
instancePath: instancePath + "/later",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs10 === errors;
} else var valid0 = true;
if (valid0) {
if (data.blend !== void 0) {
const _errs12 = errors;
if (!validate58(data.blend, {
instancePath: instancePath + "/blend",
parentData: data,
parentDataProperty: "blend",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate58.errors : vErrors.concat(validate58.errors);
errors = vErrors.length;
}
var valid0 = _errs12 === errors;
} else var valid0 = true;
if (valid0) {
if (data.grams !== void 0) {
let data6 = data.grams;
const _errs13 = errors;
if (errors === _errs13) {
if (typeof data6 == "number" && isFinite(data6)) {
if (data6 > 1e6 || isNaN(data6)) {
validate76.errors = [{
instancePath: instancePath + "/grams",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1e6
}
}];
return false;
} else if (data6 < 1 || isNaN(data6)) {
validate76.errors = [{
instancePath: instancePath + "/grams",
keyword: "minimum",
params: {
comparison: ">=",
limit: 1
}
}];
return false;
}
} else {
validate76.errors = [{
instancePath: instancePath + "/grams",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs13 === errors;
} else var valid0 = true;
if (valid0) {
if (data.pots !== void 0) {
const _errs15 = errors;
if (!validate78(data.pots, {
instancePath: instancePath + "/pots",
parentData: data,
parentDataProperty: "pots",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate78.errors : vErrors.concat(validate78.errors);
errors = vErrors.length;
}
var valid0 = _errs15 === errors;
} else var valid0 = true;
if (valid0) {
if (data.mixed !== void 0) {
const _errs16 = errors;
if (!validate55(data.mixed, {
instancePath: instancePath + "/mixed",
parentData: data,
parentDataProperty: "mixed",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate55.errors : vErrors.concat(validate55.errors);
errors = vErrors.length;
}
var valid0 = _errs16 === errors;
} else var valid0 = true;
if (valid0) {
if (data.from !== void 0) {
let data9 = data.from;
const _errs17 = errors;
if (errors === _errs17) {
if (typeof data9 === "string") {
if (func1(data9) > 200) {
validate76.errors = [{
instancePath: instancePath + "/from",
keyword: "maxLength",
params: { limit: 200 }
}];
return false;
}
} else {
validate76.errors = [{
instancePath: instancePath + "/from",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs17 === errors;
} else var valid0 = true;
if (valid0) {
if (data.offcut !== void 0) {
let data10 = data.offcut;
const _errs19 = errors;
if (errors === _errs19) {
if (typeof data10 === "string") {
if (func1(data10) > 80) {
validate76.errors = [{
instancePath: instancePath + "/offcut",
keyword: "maxLength",
params: { limit: 80 }
}];
return false;
} else if (func1(data10) < 1) {
validate76.errors = [{
instancePath: instancePath + "/offcut",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate76.errors = [{
instancePath: instancePath + "/offcut",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs19 === errors;
} else var valid0 = true;
if (valid0) {
if (data.note !== void 0) {
let data11 = data.note;
const _errs21 = errors;
if (errors === _errs21) {
if (typeof data11 === "string") {
if (func1(data11) > 1e3) {
validate76.errors = [{
instancePath: instancePath + "/note",
keyword: "maxLength",
params: { limit: 1e3 }
}];
return false;
}
} else {
validate76.errors = [{
instancePath: instancePath + "/note",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs21 === errors;
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
validate76.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate76.errors = vErrors;
return errors === 0;
}
validate76.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate75(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate75.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (Array.isArray(data)) {
if (data.length > 5e3) {
validate75.errors = [{
instancePath,
keyword: "maxItems",
params: { limit: 5e3 }
}];
return false;
} else if (data.length < 0) {
validate75.errors = [{
instancePath,
keyword: "minItems",
params: { limit: 0 }
}];
return false;
} else {
const len0 = data.length;
for (let i0 = 0; i0 < len0; i0++) {
const _errs1 = errors;
if (!validate76(data[i0], {
instancePath: instancePath + "/" + i0,
parentData: data,
parentDataProperty: i0,
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate76.errors : vErrors.concat(validate76.errors);
errors = vErrors.length;
}
if (!(_errs1 === errors)) break;
}
}
} else {
validate75.errors = [{
instancePath,
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
validate75.errors = vErrors;
return errors === 0;
}
validate75.evaluated = {
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
if (data.format === void 0 && (missing0 = "format") || data.version === void 0 && (missing0 = "version") || data.items === void 0 && (missing0 = "items") || data.packs === void 0 && (missing0 = "packs") || data.pastes === void 0 && (missing0 = "pastes") || data.book === void 0 && (missing0 = "book")) {
validate52.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!(key0 === "format" || key0 === "version" || key0 === "items" || key0 === "packs" || key0 === "pastes" || key0 === "book")) {
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
if ("elm-spindle-stores" !== data0) {
validate52.errors = [{
instancePath: instancePath + "/format",
keyword: "const",
params: { allowedValue: "elm-spindle-stores" }
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
if (3 !== data1) {
validate52.errors = [{
instancePath: instancePath + "/version",
keyword: "const",
params: { allowedValue: 3 }
}];
return false;
}
var valid0 = _errs4 === errors;
} else var valid0 = true;
if (valid0) {
if (data.items !== void 0) {
const _errs6 = errors;
if (!validate53(data.items, {
instancePath: instancePath + "/items",
parentData: data,
parentDataProperty: "items",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate53.errors : vErrors.concat(validate53.errors);
errors = vErrors.length;
}
var valid0 = _errs6 === errors;
} else var valid0 = true;
if (valid0) {
if (data.packs !== void 0) {
let data3 = data.packs;
const _errs7 = errors;
if (errors === _errs7) {
if (data3 && typeof data3 == "object" && !Array.isArray(data3)) {
if (Object.keys(data3).length > 300) {
validate52.errors = [{
instancePath: instancePath + "/packs",
keyword: "maxProperties",
params: { limit: 300 }
}];
return false;
} else for (const key1 in data3) {
let data4 = data3[key1];
const _errs10 = errors;
if (errors === _errs10) {
if (Array.isArray(data4)) {
if (data4.length > 12) {
validate52.errors = [{
instancePath: instancePath + "/packs/" + key1.replace(/~/g, "~0").replace(/\//g, "~1"),
keyword: "maxItems",
params: { limit: 12 }
}];
return false;
} else if (data4.length < 0) {
validate52.errors = [{
instancePath: instancePath + "/packs/" + key1.replace(/~/g, "~0").replace(/\//g, "~1"),
keyword: "minItems",
params: { limit: 0 }
}];
return false;
} else {
const len0 = data4.length;
for (let i0 = 0; i0 < len0; i0++) {
let data5 = data4[i0];
const _errs12 = errors;
if (errors === _errs12) {
if (typeof data5 == "number" && isFinite(data5)) {
if (data5 > 1e6 || isNaN(data5)) {
validate52.errors = [{
instancePath: instancePath + "/packs/" + key1.replace(/~/g, "~0").replace(/\//g, "~1") + "/" + i0,
keyword: "maximum",
params: {
comparison: "<=",
limit: 1e6
}
}];
return false;
} else if (data5 <= 0 || isNaN(data5)) {
validate52.errors = [{
instancePath: instancePath + "/packs/" + key1.replace(/~/g, "~0").replace(/\//g, "~1") + "/" + i0,
keyword: "exclusiveMinimum",
params: {
comparison: ">",
limit: 0
}
}];
return false;
}
} else {
validate52.errors = [{
instancePath: instancePath + "/packs/" + key1.replace(/~/g, "~0").replace(/\//g, "~1") + "/" + i0,
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
if (!(_errs12 === errors)) break;
}
}
} else {
validate52.errors = [{
instancePath: instancePath + "/packs/" + key1.replace(/~/g, "~0").replace(/\//g, "~1"),
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
if (!(_errs10 === errors)) break;
}
} else {
validate52.errors = [{
instancePath: instancePath + "/packs",
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
var valid0 = _errs7 === errors;
} else var valid0 = true;
if (valid0) {
if (data.pastes !== void 0) {
const _errs14 = errors;
if (!validate69(data.pastes, {
instancePath: instancePath + "/pastes",
parentData: data,
parentDataProperty: "pastes",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate69.errors : vErrors.concat(validate69.errors);
errors = vErrors.length;
}
var valid0 = _errs14 === errors;
} else var valid0 = true;
if (valid0) {
if (data.book !== void 0) {
const _errs15 = errors;
if (!validate75(data.book, {
instancePath: instancePath + "/book",
parentData: data,
parentDataProperty: "book",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate75.errors : vErrors.concat(validate75.errors);
errors = vErrors.length;
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
export { validateStores };
