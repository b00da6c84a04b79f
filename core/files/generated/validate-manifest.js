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
const validateManifest = validate52;
const func1 = require_ucs2length().default;
function validate54(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate54.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.id === void 0 && (missing0 = "id") || data.name === void 0 && (missing0 = "name") || data.savedAt === void 0 && (missing0 = "savedAt") || data.file === void 0 && (missing0 = "file") || data.crc === void 0 && (missing0 = "crc")) {
validate54.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
for (const key0 in data) if (!(key0 === "id" || key0 === "name" || key0 === "savedAt" || key0 === "file" || key0 === "crc" || key0 === "damaged")) {
validate54.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (data.id !== void 0) {
let data0 = data.id;
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
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.name !== void 0) {
let data1 = data.name;
if (typeof data1 === "string") {
if (func1(data1) > 200) {
validate54.errors = [{
instancePath: instancePath + "/name",
keyword: "maxLength",
params: { limit: 200 }
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
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.savedAt !== void 0) {
let data2 = data.savedAt;
if (typeof data2 == "number" && isFinite(data2)) {
if (data2 > 864e13 || isNaN(data2)) {
validate54.errors = [{
instancePath: instancePath + "/savedAt",
keyword: "maximum",
params: {
comparison: "<=",
limit: 864e13
}
}];
return false;
} else if (data2 < 0 || isNaN(data2)) {
validate54.errors = [{
instancePath: instancePath + "/savedAt",
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
instancePath: instancePath + "/savedAt",
keyword: "type",
params: { type: "number" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.file !== void 0) {
let data3 = data.file;
if (typeof data3 === "string") {
if (func1(data3) > 200) {
validate54.errors = [{
instancePath: instancePath + "/file",
keyword: "maxLength",
params: { limit: 200 }
}];
return false;
} else if (func1(data3) < 1) {
validate54.errors = [{
instancePath: instancePath + "/file",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate54.errors = [{
instancePath: instancePath + "/file",
keyword: "type",
params: { type: "string" }
}];
return false;
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.crc !== void 0) {
let data4 = data.crc;
if (!(typeof data4 == "number" && !(data4 % 1) && !isNaN(data4) && isFinite(data4))) {
validate54.errors = [{
instancePath: instancePath + "/crc",
keyword: "type",
params: { type: "integer" }
}];
return false;
}
if (typeof data4 == "number" && isFinite(data4)) {
if (data4 > 4294967295 || isNaN(data4)) {
validate54.errors = [{
instancePath: instancePath + "/crc",
keyword: "maximum",
params: {
comparison: "<=",
limit: 4294967295
}
}];
return false;
} else if (data4 < 0 || isNaN(data4)) {
validate54.errors = [{
instancePath: instancePath + "/crc",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
}
var valid0 = true;
} else var valid0 = true;
if (valid0) {
if (data.damaged !== void 0) {
if (typeof data.damaged !== "boolean") {
validate54.errors = [{
instancePath: instancePath + "/damaged",
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
validate54.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
validate54.errors = vErrors;
return true;
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
if (data.length > 2e4) {
validate53.errors = [{
instancePath,
keyword: "maxItems",
params: { limit: 2e4 }
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
function validate57(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate57.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (Array.isArray(data)) {
if (data.length > 5e3) {
validate57.errors = [{
instancePath,
keyword: "maxItems",
params: { limit: 5e3 }
}];
return false;
} else if (data.length < 0) {
validate57.errors = [{
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
validate57.errors = [{
instancePath,
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
validate57.errors = vErrors;
return errors === 0;
}
validate57.evaluated = {
"items": true,
"dynamicProps": false,
"dynamicItems": false
};
const schema24 = {
"additionalProperties": false,
"type": "object",
"required": [
"id",
"buildId",
"addedAt",
"width",
"height",
"mime",
"file",
"crc"
],
"properties": {
"id": {
"maxLength": 80,
"minLength": 1,
"type": "string"
},
"buildId": {
"maxLength": 200,
"minLength": 1,
"type": "string"
},
"addedAt": {
"type": "number",
"minimum": 0,
"maximum": 864e13
},
"width": {
"type": "integer",
"minimum": 1,
"maximum": 2e4
},
"height": {
"type": "integer",
"minimum": 1,
"maximum": 2e4
},
"mime": {
"maxLength": 80,
"type": "string"
},
"file": {
"maxLength": 200,
"minLength": 1,
"type": "string"
},
"crc": {
"type": "integer",
"minimum": 0,
"maximum": 4294967295
},
"marks": { "$ref": "#/$defs/record6" }
}
};
const func7 = Object.prototype.hasOwnProperty;
function validate63(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
const evaluated0 = validate63.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (Array.isArray(data)) {
if (data.length > 2) {
validate63.errors = [{
instancePath,
keyword: "maxItems",
params: { limit: 2 }
}];
return false;
} else if (data.length < 2) {
validate63.errors = [{
instancePath,
keyword: "minItems",
params: { limit: 2 }
}];
return false;
} else {
const len0 = data.length;
for (let i0 = 0; i0 < len0; i0++) {
let data0 = data[i0];
if (!(typeof data0 == "number" && isFinite(data0))) {
validate63.errors = [{
instancePath: instancePath + "/" + i0,
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
}
} else {
validate63.errors = [{
instancePath,
keyword: "type",
params: { type: "array" }
}];
return false;
}
validate63.errors = vErrors;
return true;
}
validate63.evaluated = {
"items": true,
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
if (data.at === void 0 && (missing0 = "at") || data.wide === void 0 && (missing0 = "wide") || data.tall === void 0 && (missing0 = "tall")) {
validate69.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!(key0 === "at" || key0 === "wide" || key0 === "tall")) {
validate69.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.at !== void 0) {
let data0 = data.at;
const _errs2 = errors;
if (errors === _errs2) {
if (Array.isArray(data0)) {
if (data0.length > 4) {
validate69.errors = [{
instancePath: instancePath + "/at",
keyword: "maxItems",
params: { limit: 4 }
}];
return false;
} else if (data0.length < 0) {
validate69.errors = [{
instancePath: instancePath + "/at",
keyword: "minItems",
params: { limit: 0 }
}];
return false;
} else {
const len0 = data0.length;
for (let i0 = 0; i0 < len0; i0++) {
const _errs4 = errors;
if (!validate63(data0[i0], {
instancePath: instancePath + "/at/" + i0,
parentData: data0,
parentDataProperty: i0,
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate63.errors : vErrors.concat(validate63.errors);
errors = vErrors.length;
}
if (!(_errs4 === errors)) break;
}
}
} else {
validate69.errors = [{
instancePath: instancePath + "/at",
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.wide !== void 0) {
let data2 = data.wide;
const _errs5 = errors;
if (errors === _errs5) {
if (typeof data2 == "number" && isFinite(data2)) {
if (data2 > 1e6 || isNaN(data2)) {
validate69.errors = [{
instancePath: instancePath + "/wide",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1e6
}
}];
return false;
} else if (data2 < 0 || isNaN(data2)) {
validate69.errors = [{
instancePath: instancePath + "/wide",
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
instancePath: instancePath + "/wide",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs5 === errors;
} else var valid0 = true;
if (valid0) {
if (data.tall !== void 0) {
let data3 = data.tall;
const _errs7 = errors;
if (errors === _errs7) {
if (typeof data3 == "number" && isFinite(data3)) {
if (data3 > 1e6 || isNaN(data3)) {
validate69.errors = [{
instancePath: instancePath + "/tall",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1e6
}
}];
return false;
} else if (data3 < 0 || isNaN(data3)) {
validate69.errors = [{
instancePath: instancePath + "/tall",
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
instancePath: instancePath + "/tall",
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
function validate62(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate62.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
const _errs1 = errors;
for (const key0 in data) if (!(key0 === "known" || key0 === "foot" || key0 === "measured" || key0 === "corners")) {
validate62.errors = [{
instancePath,
keyword: "additionalProperties",
params: { additionalProperty: key0 }
}];
return false;
}
if (_errs1 === errors) {
if (data.known !== void 0) {
let data0 = data.known;
const _errs2 = errors;
if (errors === _errs2) {
if (data0 && typeof data0 == "object" && !Array.isArray(data0)) {
let missing0;
if (data0.from === void 0 && (missing0 = "from") || data0.to === void 0 && (missing0 = "to") || data0.mm === void 0 && (missing0 = "mm")) {
validate62.errors = [{
instancePath: instancePath + "/known",
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs4 = errors;
for (const key1 in data0) if (!(key1 === "from" || key1 === "to" || key1 === "mm")) {
validate62.errors = [{
instancePath: instancePath + "/known",
keyword: "additionalProperties",
params: { additionalProperty: key1 }
}];
return false;
}
if (_errs4 === errors) {
if (data0.from !== void 0) {
const _errs5 = errors;
if (!validate63(data0.from, {
instancePath: instancePath + "/known/from",
parentData: data0,
parentDataProperty: "from",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate63.errors : vErrors.concat(validate63.errors);
errors = vErrors.length;
}
var valid1 = _errs5 === errors;
} else var valid1 = true;
if (valid1) {
if (data0.to !== void 0) {
const _errs6 = errors;
if (!validate63(data0.to, {
instancePath: instancePath + "/known/to",
parentData: data0,
parentDataProperty: "to",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate63.errors : vErrors.concat(validate63.errors);
errors = vErrors.length;
}
var valid1 = _errs6 === errors;
} else var valid1 = true;
if (valid1) {
if (data0.mm !== void 0) {
let data3 = data0.mm;
const _errs7 = errors;
if (errors === _errs7) {
if (typeof data3 == "number" && isFinite(data3)) {
if (data3 > 1e6 || isNaN(data3)) {
validate62.errors = [{
instancePath: instancePath + "/known/mm",
keyword: "maximum",
params: {
comparison: "<=",
limit: 1e6
}
}];
return false;
} else if (data3 < 0 || isNaN(data3)) {
validate62.errors = [{
instancePath: instancePath + "/known/mm",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate62.errors = [{
instancePath: instancePath + "/known/mm",
keyword: "type",
params: { type: "number" }
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
validate62.errors = [{
instancePath: instancePath + "/known",
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
var valid0 = _errs2 === errors;
} else var valid0 = true;
if (valid0) {
if (data.foot !== void 0) {
const _errs9 = errors;
if (!validate63(data.foot, {
instancePath: instancePath + "/foot",
parentData: data,
parentDataProperty: "foot",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate63.errors : vErrors.concat(validate63.errors);
errors = vErrors.length;
}
var valid0 = _errs9 === errors;
} else var valid0 = true;
if (valid0) {
if (data.measured !== void 0) {
let data5 = data.measured;
const _errs10 = errors;
if (errors === _errs10) {
if (Array.isArray(data5)) {
if (data5.length > 500) {
validate62.errors = [{
instancePath: instancePath + "/measured",
keyword: "maxItems",
params: { limit: 500 }
}];
return false;
} else if (data5.length < 0) {
validate62.errors = [{
instancePath: instancePath + "/measured",
keyword: "minItems",
params: { limit: 0 }
}];
return false;
} else {
const len0 = data5.length;
for (let i0 = 0; i0 < len0; i0++) {
let data6 = data5[i0];
const _errs12 = errors;
if (errors === _errs12) {
if (data6 && typeof data6 == "object" && !Array.isArray(data6)) {
let missing1;
if (data6.from === void 0 && (missing1 = "from") || data6.to === void 0 && (missing1 = "to")) {
validate62.errors = [{
instancePath: instancePath + "/measured/" + i0,
keyword: "required",
params: { missingProperty: missing1 }
}];
return false;
} else {
const _errs14 = errors;
for (const key2 in data6) if (!(key2 === "from" || key2 === "to")) {
validate62.errors = [{
instancePath: instancePath + "/measured/" + i0,
keyword: "additionalProperties",
params: { additionalProperty: key2 }
}];
return false;
}
if (_errs14 === errors) {
if (data6.from !== void 0) {
const _errs15 = errors;
if (!validate63(data6.from, {
instancePath: instancePath + "/measured/" + i0 + "/from",
parentData: data6,
parentDataProperty: "from",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate63.errors : vErrors.concat(validate63.errors);
errors = vErrors.length;
}
var valid3 = _errs15 === errors;
} else var valid3 = true;
if (valid3) {
if (data6.to !== void 0) {
const _errs16 = errors;
if (!validate63(data6.to, {
instancePath: instancePath + "/measured/" + i0 + "/to",
parentData: data6,
parentDataProperty: "to",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate63.errors : vErrors.concat(validate63.errors);
errors = vErrors.length;
}
var valid3 = _errs16 === errors;
} else var valid3 = true;
}
}
}
} else {
validate62.errors = [{
instancePath: instancePath + "/measured/" + i0,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
if (!(_errs12 === errors)) break;
}
}
} else {
validate62.errors = [{
instancePath: instancePath + "/measured",
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
var valid0 = _errs10 === errors;
} else var valid0 = true;
if (valid0) {
if (data.corners !== void 0) {
const _errs17 = errors;
if (!validate69(data.corners, {
instancePath: instancePath + "/corners",
parentData: data,
parentDataProperty: "corners",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate69.errors : vErrors.concat(validate69.errors);
errors = vErrors.length;
}
var valid0 = _errs17 === errors;
} else var valid0 = true;
}
}
}
}
} else {
validate62.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate62.errors = vErrors;
return errors === 0;
}
validate62.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate61(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate61.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (data && typeof data == "object" && !Array.isArray(data)) {
let missing0;
if (data.id === void 0 && (missing0 = "id") || data.buildId === void 0 && (missing0 = "buildId") || data.addedAt === void 0 && (missing0 = "addedAt") || data.width === void 0 && (missing0 = "width") || data.height === void 0 && (missing0 = "height") || data.mime === void 0 && (missing0 = "mime") || data.file === void 0 && (missing0 = "file") || data.crc === void 0 && (missing0 = "crc")) {
validate61.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!func7.call(schema24.properties, key0)) {
validate61.errors = [{
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
validate61.errors = [{
instancePath: instancePath + "/id",
keyword: "maxLength",
params: { limit: 80 }
}];
return false;
} else if (func1(data0) < 1) {
validate61.errors = [{
instancePath: instancePath + "/id",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate61.errors = [{
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
if (data.buildId !== void 0) {
let data1 = data.buildId;
const _errs4 = errors;
if (errors === _errs4) {
if (typeof data1 === "string") {
if (func1(data1) > 200) {
validate61.errors = [{
instancePath: instancePath + "/buildId",
keyword: "maxLength",
params: { limit: 200 }
}];
return false;
} else if (func1(data1) < 1) {
validate61.errors = [{
instancePath: instancePath + "/buildId",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate61.errors = [{
instancePath: instancePath + "/buildId",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs4 === errors;
} else var valid0 = true;
if (valid0) {
if (data.addedAt !== void 0) {
let data2 = data.addedAt;
const _errs6 = errors;
if (errors === _errs6) {
if (typeof data2 == "number" && isFinite(data2)) {
if (data2 > 864e13 || isNaN(data2)) {
validate61.errors = [{
instancePath: instancePath + "/addedAt",
keyword: "maximum",
params: {
comparison: "<=",
limit: 864e13
}
}];
return false;
} else if (data2 < 0 || isNaN(data2)) {
validate61.errors = [{
instancePath: instancePath + "/addedAt",
keyword: "minimum",
params: {
comparison: ">=",
limit: 0
}
}];
return false;
}
} else {
validate61.errors = [{
instancePath: instancePath + "/addedAt",
keyword: "type",
params: { type: "number" }
}];
return false;
}
}
var valid0 = _errs6 === errors;
} else var valid0 = true;
if (valid0) {
if (data.width !== void 0) {
let data3 = data.width;
const _errs8 = errors;
if (!(typeof data3 == "number" && !(data3 % 1) && !isNaN(data3) && isFinite(data3))) {
validate61.errors = [{
instancePath: instancePath + "/width",
keyword: "type",
params: { type: "integer" }
}];
return false;
}
if (errors === _errs8) {
if (typeof data3 == "number" && isFinite(data3)) {
if (data3 > 2e4 || isNaN(data3)) {
validate61.errors = [{
instancePath: instancePath + "/width",
keyword: "maximum",
params: {
comparison: "<=",
limit: 2e4
}
}];
return false;
} else if (data3 < 1 || isNaN(data3)) {
validate61.errors = [{
instancePath: instancePath + "/width",
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
var valid0 = _errs8 === errors;
} else var valid0 = true;
if (valid0) {
if (data.height !== void 0) {
let data4 = data.height;
const _errs10 = errors;
if (!(typeof data4 == "number" && !(data4 % 1) && !isNaN(data4) && isFinite(data4))) {
validate61.errors = [{
instancePath: instancePath + "/height",
keyword: "type",
params: { type: "integer" }
}];
return false;
}
if (errors === _errs10) {
if (typeof data4 == "number" && isFinite(data4)) {
if (data4 > 2e4 || isNaN(data4)) {
validate61.errors = [{
instancePath: instancePath + "/height",
keyword: "maximum",
params: {
comparison: "<=",
limit: 2e4
}
}];
return false;
} else if (data4 < 1 || isNaN(data4)) {
validate61.errors = [{
instancePath: instancePath + "/height",
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
var valid0 = _errs10 === errors;
} else var valid0 = true;
if (valid0) {
if (data.mime !== void 0) {
let data5 = data.mime;
const _errs12 = errors;
if (errors === _errs12) {
if (typeof data5 === "string") {
if (func1(data5) > 80) {
validate61.errors = [{
instancePath: instancePath + "/mime",
keyword: "maxLength",
params: { limit: 80 }
}];
return false;
}
} else {
validate61.errors = [{
instancePath: instancePath + "/mime",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs12 === errors;
} else var valid0 = true;
if (valid0) {
if (data.file !== void 0) {
let data6 = data.file;
const _errs14 = errors;
if (errors === _errs14) {
if (typeof data6 === "string") {
if (func1(data6) > 200) {
validate61.errors = [{
instancePath: instancePath + "/file",
keyword: "maxLength",
params: { limit: 200 }
}];
return false;
} else if (func1(data6) < 1) {
validate61.errors = [{
instancePath: instancePath + "/file",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate61.errors = [{
instancePath: instancePath + "/file",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs14 === errors;
} else var valid0 = true;
if (valid0) {
if (data.crc !== void 0) {
let data7 = data.crc;
const _errs16 = errors;
if (!(typeof data7 == "number" && !(data7 % 1) && !isNaN(data7) && isFinite(data7))) {
validate61.errors = [{
instancePath: instancePath + "/crc",
keyword: "type",
params: { type: "integer" }
}];
return false;
}
if (errors === _errs16) {
if (typeof data7 == "number" && isFinite(data7)) {
if (data7 > 4294967295 || isNaN(data7)) {
validate61.errors = [{
instancePath: instancePath + "/crc",
keyword: "maximum",
params: {
comparison: "<=",
limit: 4294967295
}
}];
return false;
} else if (data7 < 0 || isNaN(data7)) {
validate61.errors = [{
instancePath: instancePath + "/crc",
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
var valid0 = _errs16 === errors;
} else var valid0 = true;
if (valid0) {
if (data.marks !== void 0) {
const _errs18 = errors;
if (!validate62(data.marks, {
instancePath: instancePath + "/marks",
parentData: data,
parentDataProperty: "marks",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate62.errors : vErrors.concat(validate62.errors);
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
}
}
} else {
validate61.errors = [{
instancePath,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
validate61.errors = vErrors;
return errors === 0;
}
validate61.evaluated = {
"props": true,
"dynamicProps": false,
"dynamicItems": false
};
function validate60(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
let vErrors = null;
let errors = 0;
const evaluated0 = validate60.evaluated;
if (evaluated0.dynamicProps) evaluated0.props = void 0;
if (evaluated0.dynamicItems) evaluated0.items = void 0;
if (errors === 0) {
if (Array.isArray(data)) {
if (data.length > 5e4) {
validate60.errors = [{
instancePath,
keyword: "maxItems",
params: { limit: 5e4 }
}];
return false;
} else if (data.length < 0) {
validate60.errors = [{
instancePath,
keyword: "minItems",
params: { limit: 0 }
}];
return false;
} else {
const len0 = data.length;
for (let i0 = 0; i0 < len0; i0++) {
const _errs1 = errors;
if (!validate61(data[i0], {
instancePath: instancePath + "/" + i0,
parentData: data,
parentDataProperty: i0,
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate61.errors : vErrors.concat(validate61.errors);
errors = vErrors.length;
}
if (!(_errs1 === errors)) break;
}
}
} else {
validate60.errors = [{
instancePath,
keyword: "type",
params: { type: "array" }
}];
return false;
}
}
validate60.errors = vErrors;
return errors === 0;
}
validate60.evaluated = {
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
if (data.format === void 0 && (missing0 = "format") || data.version === void 0 && (missing0 = "version") || data.made === void 0 && (missing0 = "made") || data.builds === void 0 && (missing0 = "builds") || data.parts === void 0 && (missing0 = "parts") || data.pictures === void 0 && (missing0 = "pictures") || data.settings === void 0 && (missing0 = "settings")) {
validate52.errors = [{
instancePath,
keyword: "required",
params: { missingProperty: missing0 }
}];
return false;
} else {
const _errs1 = errors;
for (const key0 in data) if (!(key0 === "format" || key0 === "version" || key0 === "made" || key0 === "builds" || key0 === "parts" || key0 === "pictures" || key0 === "stores" || key0 === "settings")) {
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
if ("elm-spindle-backup" !== data0) {
validate52.errors = [{
instancePath: instancePath + "/format",
keyword: "const",
params: { allowedValue: "elm-spindle-backup" }
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
if (1 !== data1) {
validate52.errors = [{
instancePath: instancePath + "/version",
keyword: "const",
params: { allowedValue: 1 }
}];
return false;
}
var valid0 = _errs4 === errors;
} else var valid0 = true;
if (valid0) {
if (data.made !== void 0) {
let data2 = data.made;
const _errs6 = errors;
if (errors === _errs6) {
if (typeof data2 === "string") {
if (func1(data2) > 40) {
validate52.errors = [{
instancePath: instancePath + "/made",
keyword: "maxLength",
params: { limit: 40 }
}];
return false;
}
} else {
validate52.errors = [{
instancePath: instancePath + "/made",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid0 = _errs6 === errors;
} else var valid0 = true;
if (valid0) {
if (data.builds !== void 0) {
const _errs8 = errors;
if (!validate53(data.builds, {
instancePath: instancePath + "/builds",
parentData: data,
parentDataProperty: "builds",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate53.errors : vErrors.concat(validate53.errors);
errors = vErrors.length;
}
var valid0 = _errs8 === errors;
} else var valid0 = true;
if (valid0) {
if (data.parts !== void 0) {
const _errs9 = errors;
if (!validate57(data.parts, {
instancePath: instancePath + "/parts",
parentData: data,
parentDataProperty: "parts",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate57.errors : vErrors.concat(validate57.errors);
errors = vErrors.length;
}
var valid0 = _errs9 === errors;
} else var valid0 = true;
if (valid0) {
if (data.pictures !== void 0) {
const _errs10 = errors;
if (!validate60(data.pictures, {
instancePath: instancePath + "/pictures",
parentData: data,
parentDataProperty: "pictures",
rootData,
dynamicAnchors
})) {
vErrors = vErrors === null ? validate60.errors : vErrors.concat(validate60.errors);
errors = vErrors.length;
}
var valid0 = _errs10 === errors;
} else var valid0 = true;
if (valid0) {
if (data.stores !== void 0) {
let data6 = data.stores;
const _errs11 = errors;
if (!(typeof data6 == "number" && !(data6 % 1) && !isNaN(data6) && isFinite(data6))) {
validate52.errors = [{
instancePath: instancePath + "/stores",
keyword: "type",
params: { type: "integer" }
}];
return false;
}
if (errors === _errs11) {
if (typeof data6 == "number" && isFinite(data6)) {
if (data6 > 4294967295 || isNaN(data6)) {
validate52.errors = [{
instancePath: instancePath + "/stores",
keyword: "maximum",
params: {
comparison: "<=",
limit: 4294967295
}
}];
return false;
} else if (data6 < 0 || isNaN(data6)) {
validate52.errors = [{
instancePath: instancePath + "/stores",
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
var valid0 = _errs11 === errors;
} else var valid0 = true;
if (valid0) {
if (data.settings !== void 0) {
let data7 = data.settings;
const _errs13 = errors;
if (errors === _errs13) {
if (Array.isArray(data7)) {
if (data7.length > 5e3) {
validate52.errors = [{
instancePath: instancePath + "/settings",
keyword: "maxItems",
params: { limit: 5e3 }
}];
return false;
} else if (data7.length < 0) {
validate52.errors = [{
instancePath: instancePath + "/settings",
keyword: "minItems",
params: { limit: 0 }
}];
return false;
} else {
const len0 = data7.length;
for (let i0 = 0; i0 < len0; i0++) {
let data8 = data7[i0];
const _errs15 = errors;
if (errors === _errs15) {
if (data8 && typeof data8 == "object" && !Array.isArray(data8)) {
let missing1;
if (data8.key === void 0 && (missing1 = "key") || data8.json === void 0 && (missing1 = "json")) {
validate52.errors = [{
instancePath: instancePath + "/settings/" + i0,
keyword: "required",
params: { missingProperty: missing1 }
}];
return false;
} else {
const _errs17 = errors;
for (const key1 in data8) if (!(key1 === "key" || key1 === "json")) {
validate52.errors = [{
instancePath: instancePath + "/settings/" + i0,
keyword: "additionalProperties",
params: { additionalProperty: key1 }
}];
return false;
}
if (_errs17 === errors) {
if (data8.key !== void 0) {
let data9 = data8.key;
const _errs18 = errors;
if (errors === _errs18) {
if (typeof data9 === "string") {
if (func1(data9) > 200) {
validate52.errors = [{
instancePath: instancePath + "/settings/" + i0 + "/key",
keyword: "maxLength",
params: { limit: 200 }
}];
return false;
} else if (func1(data9) < 1) {
validate52.errors = [{
instancePath: instancePath + "/settings/" + i0 + "/key",
keyword: "minLength",
params: { limit: 1 }
}];
return false;
}
} else {
validate52.errors = [{
instancePath: instancePath + "/settings/" + i0 + "/key",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid2 = _errs18 === errors;
} else var valid2 = true;
if (valid2) {
if (data8.json !== void 0) {
let data10 = data8.json;
const _errs20 = errors;
if (errors === _errs20) {
if (typeof data10 === "string") {
if (func1(data10) > 1e6) {
validate52.errors = [{
instancePath: instancePath + "/settings/" + i0 + "/json",
keyword: "maxLength",
params: { limit: 1e6 }
}];
return false;
}
} else {
validate52.errors = [{
instancePath: instancePath + "/settings/" + i0 + "/json",
keyword: "type",
params: { type: "string" }
}];
return false;
}
}
var valid2 = _errs20 === errors;
} else var valid2 = true;
}
}
}
} else {
validate52.errors = [{
instancePath: instancePath + "/settings/" + i0,
keyword: "type",
params: { type: "object" }
}];
return false;
}
}
if (!(_errs15 === errors)) break;
}
}
} else {
validate52.errors = [{
instancePath: instancePath + "/settings",
keyword: "type",
params: { type: "array" }
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
export { validateManifest };
