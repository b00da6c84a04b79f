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
const validateStores = validate20;
const schema31 = {
	"$schema": "https://json-schema.org/draft/2020-12/schema",
	"$id": "stores",
	"title": "Elm Spindle stores",
	"type": "object",
	"additionalProperties": false,
	"required": [
		"format",
		"version",
		"items",
		"packs",
		"pastes"
	],
	"properties": {
		"format": { "const": "elm-spindle-stores" },
		"version": { "const": 2 },
		"items": {
			"type": "array",
			"items": {
				"type": "object",
				"additionalProperties": false,
				"required": [
					"id",
					"ingredient",
					"name",
					"amount",
					"note"
				],
				"properties": {
					"id": {
						"type": "string",
						"minLength": 1,
						"maxLength": 80
					},
					"ingredient": {
						"type": "string",
						"minLength": 1,
						"maxLength": 80
					},
					"name": {
						"type": "string",
						"minLength": 1,
						"maxLength": 120
					},
					"amount": {
						"type": "number",
						"minimum": 0,
						"maximum": 1e6
					},
					"keepBy": {
						"type": "string",
						"pattern": "^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$"
					},
					"note": {
						"type": "string",
						"maxLength": 1e3
					},
					"offcut": {
						"type": "object",
						"additionalProperties": false,
						"required": [
							"blend",
							"colour",
							"clean",
							"allergens"
						],
						"properties": {
							"blend": {
								"type": "object",
								"additionalProperties": false,
								"required": [
									"base",
									"gumPaste",
									"powder"
								],
								"properties": {
									"base": {
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
									}
								}
							},
							"colour": {
								"type": "object",
								"additionalProperties": false,
								"required": ["name", "hex"],
								"properties": {
									"name": {
										"type": "string",
										"minLength": 1,
										"maxLength": 120
									},
									"hex": {
										"type": "string",
										"pattern": "^#[0-9a-fA-F]{6}$"
									}
								}
							},
							"clean": { "type": "boolean" },
							"allergens": {
								"type": "array",
								"items": {
									"type": "string",
									"maxLength": 60
								},
								"maxItems": 20,
								"minItems": 0
							}
						}
					},
					"size": {
						"type": "object",
						"additionalProperties": false,
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
								"type": "array",
								"items": {
									"type": "number",
									"minimum": 0,
									"maximum": 1e4
								},
								"maxItems": 3,
								"minItems": 1
							},
							"made": {
								"type": "string",
								"maxLength": 20
							}
						}
					}
				}
			},
			"maxItems": 5e3,
			"minItems": 0
		},
		"packs": {
			"type": "object",
			"maxProperties": 300,
			"additionalProperties": {
				"type": "array",
				"items": {
					"type": "number",
					"exclusiveMinimum": 0,
					"maximum": 1e6
				},
				"maxItems": 12,
				"minItems": 0
			}
		},
		"pastes": {
			"type": "array",
			"items": {
				"type": "object",
				"additionalProperties": false,
				"required": [
					"id",
					"name",
					"like",
					"allergens",
					"note"
				],
				"properties": {
					"id": {
						"type": "string",
						"pattern": "^[a-z0-9][a-z0-9-]{0,59}$"
					},
					"name": {
						"type": "string",
						"minLength": 1,
						"maxLength": 120
					},
					"like": {
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
					"allergens": {
						"type": "array",
						"items": {
							"type": "string",
							"maxLength": 60
						},
						"maxItems": 20,
						"minItems": 0
					},
					"note": {
						"type": "string",
						"maxLength": 1e3
					}
				}
			},
			"maxItems": 200,
			"minItems": 0
		}
	}
};
const func1 = require_ucs2length().default;
const pattern4 = /* @__PURE__ */ new RegExp("^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$", "u");
const pattern5 = /* @__PURE__ */ new RegExp("^#[0-9a-fA-F]{6}$", "u");
const pattern6 = /* @__PURE__ */ new RegExp("^[a-z0-9][a-z0-9-]{0,59}$", "u");
function validate20(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
	let vErrors = null;
	const evaluated0 = validate20.evaluated;
	if (evaluated0.dynamicProps) evaluated0.props = void 0;
	if (evaluated0.dynamicItems) evaluated0.items = void 0;
	if (data && typeof data == "object" && !Array.isArray(data)) {
		let missing0;
		if (data.format === void 0 && (missing0 = "format") || data.version === void 0 && (missing0 = "version") || data.items === void 0 && (missing0 = "items") || data.packs === void 0 && (missing0 = "packs") || data.pastes === void 0 && (missing0 = "pastes")) {
			validate20.errors = [{
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: missing0 },
				message: "must have required property '" + missing0 + "'"
			}];
			return false;
		} else {
			for (const key0 in data) if (!(key0 === "format" || key0 === "version" || key0 === "items" || key0 === "packs" || key0 === "pastes")) {
				validate20.errors = [{
					instancePath,
					schemaPath: "#/additionalProperties",
					keyword: "additionalProperties",
					params: { additionalProperty: key0 },
					message: "must NOT have additional properties"
				}];
				return false;
			}
			if (data.format !== void 0) {
				if ("elm-spindle-stores" !== data.format) {
					validate20.errors = [{
						instancePath: instancePath + "/format",
						schemaPath: "#/properties/format/const",
						keyword: "const",
						params: { allowedValue: "elm-spindle-stores" },
						message: "must be equal to constant"
					}];
					return false;
				}
				var valid0 = true;
			} else var valid0 = true;
			if (valid0) {
				if (data.version !== void 0) {
					if (2 !== data.version) {
						validate20.errors = [{
							instancePath: instancePath + "/version",
							schemaPath: "#/properties/version/const",
							keyword: "const",
							params: { allowedValue: 2 },
							message: "must be equal to constant"
						}];
						return false;
					}
					var valid0 = true;
				} else var valid0 = true;
				if (valid0) {
					if (data.items !== void 0) {
						let data2 = data.items;
						if (Array.isArray(data2)) {
							if (data2.length > 5e3) {
								validate20.errors = [{
									instancePath: instancePath + "/items",
									schemaPath: "#/properties/items/maxItems",
									keyword: "maxItems",
									params: { limit: 5e3 },
									message: "must NOT have more than 5000 items"
								}];
								return false;
							} else if (data2.length < 0) {
								validate20.errors = [{
									instancePath: instancePath + "/items",
									schemaPath: "#/properties/items/minItems",
									keyword: "minItems",
									params: { limit: 0 },
									message: "must NOT have fewer than 0 items"
								}];
								return false;
							} else {
								const len0 = data2.length;
								for (let i0 = 0; i0 < len0; i0++) {
									let data3 = data2[i0];
									if (data3 && typeof data3 == "object" && !Array.isArray(data3)) {
										let missing1;
										if (data3.id === void 0 && (missing1 = "id") || data3.ingredient === void 0 && (missing1 = "ingredient") || data3.name === void 0 && (missing1 = "name") || data3.amount === void 0 && (missing1 = "amount") || data3.note === void 0 && (missing1 = "note")) {
											validate20.errors = [{
												instancePath: instancePath + "/items/" + i0,
												schemaPath: "#/properties/items/items/required",
												keyword: "required",
												params: { missingProperty: missing1 },
												message: "must have required property '" + missing1 + "'"
											}];
											return false;
										} else {
											for (const key1 in data3) if (!(key1 === "id" || key1 === "ingredient" || key1 === "name" || key1 === "amount" || key1 === "keepBy" || key1 === "note" || key1 === "offcut" || key1 === "size")) {
												validate20.errors = [{
													instancePath: instancePath + "/items/" + i0,
													schemaPath: "#/properties/items/items/additionalProperties",
													keyword: "additionalProperties",
													params: { additionalProperty: key1 },
													message: "must NOT have additional properties"
												}];
												return false;
											}
											if (data3.id !== void 0) {
												let data4 = data3.id;
												if (typeof data4 === "string") {
													if (func1(data4) > 80) {
														validate20.errors = [{
															instancePath: instancePath + "/items/" + i0 + "/id",
															schemaPath: "#/properties/items/items/properties/id/maxLength",
															keyword: "maxLength",
															params: { limit: 80 },
															message: "must NOT have more than 80 characters"
														}];
														return false;
													} else if (func1(data4) < 1) {
														validate20.errors = [{
															instancePath: instancePath + "/items/" + i0 + "/id",
															schemaPath: "#/properties/items/items/properties/id/minLength",
															keyword: "minLength",
															params: { limit: 1 },
															message: "must NOT have fewer than 1 characters"
														}];
														return false;
													}
												} else {
													validate20.errors = [{
														instancePath: instancePath + "/items/" + i0 + "/id",
														schemaPath: "#/properties/items/items/properties/id/type",
														keyword: "type",
														params: { type: "string" },
														message: "must be string"
													}];
													return false;
												}
												var valid2 = true;
											} else var valid2 = true;
											if (valid2) {
												if (data3.ingredient !== void 0) {
													let data5 = data3.ingredient;
													if (typeof data5 === "string") {
														if (func1(data5) > 80) {
															validate20.errors = [{
																instancePath: instancePath + "/items/" + i0 + "/ingredient",
																schemaPath: "#/properties/items/items/properties/ingredient/maxLength",
																keyword: "maxLength",
																params: { limit: 80 },
																message: "must NOT have more than 80 characters"
															}];
															return false;
														} else if (func1(data5) < 1) {
															validate20.errors = [{
																instancePath: instancePath + "/items/" + i0 + "/ingredient",
																schemaPath: "#/properties/items/items/properties/ingredient/minLength",
																keyword: "minLength",
																params: { limit: 1 },
																message: "must NOT have fewer than 1 characters"
															}];
															return false;
														}
													} else {
														validate20.errors = [{
															instancePath: instancePath + "/items/" + i0 + "/ingredient",
															schemaPath: "#/properties/items/items/properties/ingredient/type",
															keyword: "type",
															params: { type: "string" },
															message: "must be string"
														}];
														return false;
													}
													var valid2 = true;
												} else var valid2 = true;
												if (valid2) {
													if (data3.name !== void 0) {
														let data6 = data3.name;
														if (typeof data6 === "string") {
															if (func1(data6) > 120) {
																validate20.errors = [{
																	instancePath: instancePath + "/items/" + i0 + "/name",
																	schemaPath: "#/properties/items/items/properties/name/maxLength",
																	keyword: "maxLength",
																	params: { limit: 120 },
																	message: "must NOT have more than 120 characters"
																}];
																return false;
															} else if (func1(data6) < 1) {
																validate20.errors = [{
																	instancePath: instancePath + "/items/" + i0 + "/name",
																	schemaPath: "#/properties/items/items/properties/name/minLength",
																	keyword: "minLength",
																	params: { limit: 1 },
																	message: "must NOT have fewer than 1 characters"
																}];
																return false;
															}
														} else {
															validate20.errors = [{
																instancePath: instancePath + "/items/" + i0 + "/name",
																schemaPath: "#/properties/items/items/properties/name/type",
																keyword: "type",
																params: { type: "string" },
																message: "must be string"
															}];
															return false;
														}
														var valid2 = true;
													} else var valid2 = true;
													if (valid2) {
														if (data3.amount !== void 0) {
															let data7 = data3.amount;
															if (typeof data7 == "number" && isFinite(data7)) {
																if (data7 > 1e6 || isNaN(data7)) {
																	validate20.errors = [{
																		instancePath: instancePath + "/items/" + i0 + "/amount",
																		schemaPath: "#/properties/items/items/properties/amount/maximum",
																		keyword: "maximum",
																		params: {
																			comparison: "<=",
																			limit: 1e6
																		},
																		message: "must be <= 1000000"
																	}];
																	return false;
																} else if (data7 < 0 || isNaN(data7)) {
																	validate20.errors = [{
																		instancePath: instancePath + "/items/" + i0 + "/amount",
																		schemaPath: "#/properties/items/items/properties/amount/minimum",
																		keyword: "minimum",
																		params: {
																			comparison: ">=",
																			limit: 0
																		},
																		message: "must be >= 0"
																	}];
																	return false;
																}
															} else {
																validate20.errors = [{
																	instancePath: instancePath + "/items/" + i0 + "/amount",
																	schemaPath: "#/properties/items/items/properties/amount/type",
																	keyword: "type",
																	params: { type: "number" },
																	message: "must be number"
																}];
																return false;
															}
															var valid2 = true;
														} else var valid2 = true;
														if (valid2) {
															if (data3.keepBy !== void 0) {
																let data8 = data3.keepBy;
																if (typeof data8 === "string") {
																	if (!pattern4.test(data8)) {
																		validate20.errors = [{
																			instancePath: instancePath + "/items/" + i0 + "/keepBy",
																			schemaPath: "#/properties/items/items/properties/keepBy/pattern",
																			keyword: "pattern",
																			params: { pattern: "^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$" },
																			message: "must match pattern \"^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$\""
																		}];
																		return false;
																	}
																} else {
																	validate20.errors = [{
																		instancePath: instancePath + "/items/" + i0 + "/keepBy",
																		schemaPath: "#/properties/items/items/properties/keepBy/type",
																		keyword: "type",
																		params: { type: "string" },
																		message: "must be string"
																	}];
																	return false;
																}
																var valid2 = true;
															} else var valid2 = true;
															if (valid2) {
																if (data3.note !== void 0) {
																	let data9 = data3.note;
																	if (typeof data9 === "string") {
																		if (func1(data9) > 1e3) {
																			validate20.errors = [{
																				instancePath: instancePath + "/items/" + i0 + "/note",
																				schemaPath: "#/properties/items/items/properties/note/maxLength",
																				keyword: "maxLength",
																				params: { limit: 1e3 },
																				message: "must NOT have more than 1000 characters"
																			}];
																			return false;
																		}
																	} else {
																		validate20.errors = [{
																			instancePath: instancePath + "/items/" + i0 + "/note",
																			schemaPath: "#/properties/items/items/properties/note/type",
																			keyword: "type",
																			params: { type: "string" },
																			message: "must be string"
																		}];
																		return false;
																	}
																	var valid2 = true;
																} else var valid2 = true;
																if (valid2) {
																	if (data3.offcut !== void 0) {
																		let data10 = data3.offcut;
																		if (data10 && typeof data10 == "object" && !Array.isArray(data10)) {
																			let missing2;
																			if (data10.blend === void 0 && (missing2 = "blend") || data10.colour === void 0 && (missing2 = "colour") || data10.clean === void 0 && (missing2 = "clean") || data10.allergens === void 0 && (missing2 = "allergens")) {
																				validate20.errors = [{
																					instancePath: instancePath + "/items/" + i0 + "/offcut",
																					schemaPath: "#/properties/items/items/properties/offcut/required",
																					keyword: "required",
																					params: { missingProperty: missing2 },
																					message: "must have required property '" + missing2 + "'"
																				}];
																				return false;
																			} else {
																				for (const key2 in data10) if (!(key2 === "blend" || key2 === "colour" || key2 === "clean" || key2 === "allergens")) {
																					validate20.errors = [{
																						instancePath: instancePath + "/items/" + i0 + "/offcut",
																						schemaPath: "#/properties/items/items/properties/offcut/additionalProperties",
																						keyword: "additionalProperties",
																						params: { additionalProperty: key2 },
																						message: "must NOT have additional properties"
																					}];
																					return false;
																				}
																				if (data10.blend !== void 0) {
																					let data11 = data10.blend;
																					if (data11 && typeof data11 == "object" && !Array.isArray(data11)) {
																						let missing3;
																						if (data11.base === void 0 && (missing3 = "base") || data11.gumPaste === void 0 && (missing3 = "gumPaste") || data11.powder === void 0 && (missing3 = "powder")) {
																							validate20.errors = [{
																								instancePath: instancePath + "/items/" + i0 + "/offcut/blend",
																								schemaPath: "#/properties/items/items/properties/offcut/properties/blend/required",
																								keyword: "required",
																								params: { missingProperty: missing3 },
																								message: "must have required property '" + missing3 + "'"
																							}];
																							return false;
																						} else {
																							for (const key3 in data11) if (!(key3 === "base" || key3 === "gumPaste" || key3 === "powder" || key3 === "ratio")) {
																								validate20.errors = [{
																									instancePath: instancePath + "/items/" + i0 + "/offcut/blend",
																									schemaPath: "#/properties/items/items/properties/offcut/properties/blend/additionalProperties",
																									keyword: "additionalProperties",
																									params: { additionalProperty: key3 },
																									message: "must NOT have additional properties"
																								}];
																								return false;
																							}
																							if (data11.base !== void 0) {
																								let data12 = data11.base;
																								if (typeof data12 !== "string") {
																									validate20.errors = [{
																										instancePath: instancePath + "/items/" + i0 + "/offcut/blend/base",
																										schemaPath: "#/properties/items/items/properties/offcut/properties/blend/properties/base/type",
																										keyword: "type",
																										params: { type: "string" },
																										message: "must be string"
																									}];
																									return false;
																								}
																								if (!(data12 === "fondant" || data12 === "gumPaste" || data12 === "modellingPaste" || data12 === "marzipan" || data12 === "chocolateDark" || data12 === "chocolateMilk" || data12 === "chocolateWhite" || data12 === "chocolateCompound" || data12 === "royalIcing")) {
																									validate20.errors = [{
																										instancePath: instancePath + "/items/" + i0 + "/offcut/blend/base",
																										schemaPath: "#/properties/items/items/properties/offcut/properties/blend/properties/base/enum",
																										keyword: "enum",
																										params: { allowedValues: schema31.properties.items.items.properties.offcut.properties.blend.properties.base.enum },
																										message: "must be equal to one of the allowed values"
																									}];
																									return false;
																								}
																								var valid4 = true;
																							} else var valid4 = true;
																							if (valid4) {
																								if (data11.gumPaste !== void 0) {
																									let data13 = data11.gumPaste;
																									if (typeof data13 == "number" && isFinite(data13)) {
																										if (data13 > 100 || isNaN(data13)) {
																											validate20.errors = [{
																												instancePath: instancePath + "/items/" + i0 + "/offcut/blend/gumPaste",
																												schemaPath: "#/properties/items/items/properties/offcut/properties/blend/properties/gumPaste/maximum",
																												keyword: "maximum",
																												params: {
																													comparison: "<=",
																													limit: 100
																												},
																												message: "must be <= 100"
																											}];
																											return false;
																										} else if (data13 < 0 || isNaN(data13)) {
																											validate20.errors = [{
																												instancePath: instancePath + "/items/" + i0 + "/offcut/blend/gumPaste",
																												schemaPath: "#/properties/items/items/properties/offcut/properties/blend/properties/gumPaste/minimum",
																												keyword: "minimum",
																												params: {
																													comparison: ">=",
																													limit: 0
																												},
																												message: "must be >= 0"
																											}];
																											return false;
																										}
																									} else {
																										validate20.errors = [{
																											instancePath: instancePath + "/items/" + i0 + "/offcut/blend/gumPaste",
																											schemaPath: "#/properties/items/items/properties/offcut/properties/blend/properties/gumPaste/type",
																											keyword: "type",
																											params: { type: "number" },
																											message: "must be number"
																										}];
																										return false;
																									}
																									var valid4 = true;
																								} else var valid4 = true;
																								if (valid4) {
																									if (data11.powder !== void 0) {
																										let data14 = data11.powder;
																										if (typeof data14 == "number" && isFinite(data14)) {
																											if (data14 > 5 || isNaN(data14)) {
																												validate20.errors = [{
																													instancePath: instancePath + "/items/" + i0 + "/offcut/blend/powder",
																													schemaPath: "#/properties/items/items/properties/offcut/properties/blend/properties/powder/maximum",
																													keyword: "maximum",
																													params: {
																														comparison: "<=",
																														limit: 5
																													},
																													message: "must be <= 5"
																												}];
																												return false;
																											} else if (data14 < 0 || isNaN(data14)) {
																												validate20.errors = [{
																													instancePath: instancePath + "/items/" + i0 + "/offcut/blend/powder",
																													schemaPath: "#/properties/items/items/properties/offcut/properties/blend/properties/powder/minimum",
																													keyword: "minimum",
																													params: {
																														comparison: ">=",
																														limit: 0
																													},
																													message: "must be >= 0"
																												}];
																												return false;
																											}
																										} else {
																											validate20.errors = [{
																												instancePath: instancePath + "/items/" + i0 + "/offcut/blend/powder",
																												schemaPath: "#/properties/items/items/properties/offcut/properties/blend/properties/powder/type",
																												keyword: "type",
																												params: { type: "number" },
																												message: "must be number"
																											}];
																											return false;
																										}
																										var valid4 = true;
																									} else var valid4 = true;
																									if (valid4) {
																										if (data11.ratio !== void 0) {
																											let data15 = data11.ratio;
																											if (typeof data15 == "number" && isFinite(data15)) {
																												if (data15 > 8 || isNaN(data15)) {
																													validate20.errors = [{
																														instancePath: instancePath + "/items/" + i0 + "/offcut/blend/ratio",
																														schemaPath: "#/properties/items/items/properties/offcut/properties/blend/properties/ratio/maximum",
																														keyword: "maximum",
																														params: {
																															comparison: "<=",
																															limit: 8
																														},
																														message: "must be <= 8"
																													}];
																													return false;
																												} else if (data15 < 1 || isNaN(data15)) {
																													validate20.errors = [{
																														instancePath: instancePath + "/items/" + i0 + "/offcut/blend/ratio",
																														schemaPath: "#/properties/items/items/properties/offcut/properties/blend/properties/ratio/minimum",
																														keyword: "minimum",
																														params: {
																															comparison: ">=",
																															limit: 1
																														},
																														message: "must be >= 1"
																													}];
																													return false;
																												}
																											} else {
																												validate20.errors = [{
																													instancePath: instancePath + "/items/" + i0 + "/offcut/blend/ratio",
																													schemaPath: "#/properties/items/items/properties/offcut/properties/blend/properties/ratio/type",
																													keyword: "type",
																													params: { type: "number" },
																													message: "must be number"
																												}];
																												return false;
																											}
																											var valid4 = true;
																										} else var valid4 = true;
																									}
																								}
																							}
																						}
																					} else {
																						validate20.errors = [{
																							instancePath: instancePath + "/items/" + i0 + "/offcut/blend",
																							schemaPath: "#/properties/items/items/properties/offcut/properties/blend/type",
																							keyword: "type",
																							params: { type: "object" },
																							message: "must be object"
																						}];
																						return false;
																					}
																					var valid3 = true;
																				} else var valid3 = true;
																				if (valid3) {
																					if (data10.colour !== void 0) {
																						let data16 = data10.colour;
																						if (data16 && typeof data16 == "object" && !Array.isArray(data16)) {
																							let missing4;
																							if (data16.name === void 0 && (missing4 = "name") || data16.hex === void 0 && (missing4 = "hex")) {
																								validate20.errors = [{
																									instancePath: instancePath + "/items/" + i0 + "/offcut/colour",
																									schemaPath: "#/properties/items/items/properties/offcut/properties/colour/required",
																									keyword: "required",
																									params: { missingProperty: missing4 },
																									message: "must have required property '" + missing4 + "'"
																								}];
																								return false;
																							} else {
																								for (const key4 in data16) if (!(key4 === "name" || key4 === "hex")) {
																									validate20.errors = [{
																										instancePath: instancePath + "/items/" + i0 + "/offcut/colour",
																										schemaPath: "#/properties/items/items/properties/offcut/properties/colour/additionalProperties",
																										keyword: "additionalProperties",
																										params: { additionalProperty: key4 },
																										message: "must NOT have additional properties"
																									}];
																									return false;
																								}
																								if (data16.name !== void 0) {
																									let data17 = data16.name;
																									if (typeof data17 === "string") {
																										if (func1(data17) > 120) {
																											validate20.errors = [{
																												instancePath: instancePath + "/items/" + i0 + "/offcut/colour/name",
																												schemaPath: "#/properties/items/items/properties/offcut/properties/colour/properties/name/maxLength",
																												keyword: "maxLength",
																												params: { limit: 120 },
																												message: "must NOT have more than 120 characters"
																											}];
																											return false;
																										} else if (func1(data17) < 1) {
																											validate20.errors = [{
																												instancePath: instancePath + "/items/" + i0 + "/offcut/colour/name",
																												schemaPath: "#/properties/items/items/properties/offcut/properties/colour/properties/name/minLength",
																												keyword: "minLength",
																												params: { limit: 1 },
																												message: "must NOT have fewer than 1 characters"
																											}];
																											return false;
																										}
																									} else {
																										validate20.errors = [{
																											instancePath: instancePath + "/items/" + i0 + "/offcut/colour/name",
																											schemaPath: "#/properties/items/items/properties/offcut/properties/colour/properties/name/type",
																											keyword: "type",
																											params: { type: "string" },
																											message: "must be string"
																										}];
																										return false;
																									}
																									var valid5 = true;
																								} else var valid5 = true;
																								if (valid5) {
																									if (data16.hex !== void 0) {
																										let data18 = data16.hex;
																										if (typeof data18 === "string") {
																											if (!pattern5.test(data18)) {
																												validate20.errors = [{
																													instancePath: instancePath + "/items/" + i0 + "/offcut/colour/hex",
																													schemaPath: "#/properties/items/items/properties/offcut/properties/colour/properties/hex/pattern",
																													keyword: "pattern",
																													params: { pattern: "^#[0-9a-fA-F]{6}$" },
																													message: "must match pattern \"^#[0-9a-fA-F]{6}$\""
																												}];
																												return false;
																											}
																										} else {
																											validate20.errors = [{
																												instancePath: instancePath + "/items/" + i0 + "/offcut/colour/hex",
																												schemaPath: "#/properties/items/items/properties/offcut/properties/colour/properties/hex/type",
																												keyword: "type",
																												params: { type: "string" },
																												message: "must be string"
																											}];
																											return false;
																										}
																										var valid5 = true;
																									} else var valid5 = true;
																								}
																							}
																						} else {
																							validate20.errors = [{
																								instancePath: instancePath + "/items/" + i0 + "/offcut/colour",
																								schemaPath: "#/properties/items/items/properties/offcut/properties/colour/type",
																								keyword: "type",
																								params: { type: "object" },
																								message: "must be object"
																							}];
																							return false;
																						}
																						var valid3 = true;
																					} else var valid3 = true;
																					if (valid3) {
																						if (data10.clean !== void 0) {
																							if (typeof data10.clean !== "boolean") {
																								validate20.errors = [{
																									instancePath: instancePath + "/items/" + i0 + "/offcut/clean",
																									schemaPath: "#/properties/items/items/properties/offcut/properties/clean/type",
																									keyword: "type",
																									params: { type: "boolean" },
																									message: "must be boolean"
																								}];
																								return false;
																							}
																							var valid3 = true;
																						} else var valid3 = true;
																						if (valid3) {
																							if (data10.allergens !== void 0) {
																								let data20 = data10.allergens;
																								if (Array.isArray(data20)) {
																									if (data20.length > 20) {
																										validate20.errors = [{
																											instancePath: instancePath + "/items/" + i0 + "/offcut/allergens",
																											schemaPath: "#/properties/items/items/properties/offcut/properties/allergens/maxItems",
																											keyword: "maxItems",
																											params: { limit: 20 },
																											message: "must NOT have more than 20 items"
																										}];
																										return false;
																									} else if (data20.length < 0) {
																										validate20.errors = [{
																											instancePath: instancePath + "/items/" + i0 + "/offcut/allergens",
																											schemaPath: "#/properties/items/items/properties/offcut/properties/allergens/minItems",
																											keyword: "minItems",
																											params: { limit: 0 },
																											message: "must NOT have fewer than 0 items"
																										}];
																										return false;
																									} else {
																										const len1 = data20.length;
																										for (let i1 = 0; i1 < len1; i1++) {
																											let data21 = data20[i1];
																											if (typeof data21 === "string") {
																												if (func1(data21) > 60) {
																													validate20.errors = [{
																														instancePath: instancePath + "/items/" + i0 + "/offcut/allergens/" + i1,
																														schemaPath: "#/properties/items/items/properties/offcut/properties/allergens/items/maxLength",
																														keyword: "maxLength",
																														params: { limit: 60 },
																														message: "must NOT have more than 60 characters"
																													}];
																													return false;
																												}
																											} else {
																												validate20.errors = [{
																													instancePath: instancePath + "/items/" + i0 + "/offcut/allergens/" + i1,
																													schemaPath: "#/properties/items/items/properties/offcut/properties/allergens/items/type",
																													keyword: "type",
																													params: { type: "string" },
																													message: "must be string"
																												}];
																												return false;
																											}
																										}
																									}
																								} else {
																									validate20.errors = [{
																										instancePath: instancePath + "/items/" + i0 + "/offcut/allergens",
																										schemaPath: "#/properties/items/items/properties/offcut/properties/allergens/type",
																										keyword: "type",
																										params: { type: "array" },
																										message: "must be array"
																									}];
																									return false;
																								}
																								var valid3 = true;
																							} else var valid3 = true;
																						}
																					}
																				}
																			}
																		} else {
																			validate20.errors = [{
																				instancePath: instancePath + "/items/" + i0 + "/offcut",
																				schemaPath: "#/properties/items/items/properties/offcut/type",
																				keyword: "type",
																				params: { type: "object" },
																				message: "must be object"
																			}];
																			return false;
																		}
																		var valid2 = true;
																	} else var valid2 = true;
																	if (valid2) {
																		if (data3.size !== void 0) {
																			let data22 = data3.size;
																			if (data22 && typeof data22 == "object" && !Array.isArray(data22)) {
																				let missing5;
																				if (data22.shape === void 0 && (missing5 = "shape") || data22.sizes === void 0 && (missing5 = "sizes")) {
																					validate20.errors = [{
																						instancePath: instancePath + "/items/" + i0 + "/size",
																						schemaPath: "#/properties/items/items/properties/size/required",
																						keyword: "required",
																						params: { missingProperty: missing5 },
																						message: "must have required property '" + missing5 + "'"
																					}];
																					return false;
																				} else {
																					for (const key5 in data22) if (!(key5 === "shape" || key5 === "sizes" || key5 === "made")) {
																						validate20.errors = [{
																							instancePath: instancePath + "/items/" + i0 + "/size",
																							schemaPath: "#/properties/items/items/properties/size/additionalProperties",
																							keyword: "additionalProperties",
																							params: { additionalProperty: key5 },
																							message: "must NOT have additional properties"
																						}];
																						return false;
																					}
																					if (data22.shape !== void 0) {
																						let data23 = data22.shape;
																						if (typeof data23 !== "string") {
																							validate20.errors = [{
																								instancePath: instancePath + "/items/" + i0 + "/size/shape",
																								schemaPath: "#/properties/items/items/properties/size/properties/shape/type",
																								keyword: "type",
																								params: { type: "string" },
																								message: "must be string"
																							}];
																							return false;
																						}
																						if (!(data23 === "ball" || data23 === "block" || data23 === "round" || data23 === "square" || data23 === "disc")) {
																							validate20.errors = [{
																								instancePath: instancePath + "/items/" + i0 + "/size/shape",
																								schemaPath: "#/properties/items/items/properties/size/properties/shape/enum",
																								keyword: "enum",
																								params: { allowedValues: schema31.properties.items.items.properties.size.properties.shape.enum },
																								message: "must be equal to one of the allowed values"
																							}];
																							return false;
																						}
																						var valid7 = true;
																					} else var valid7 = true;
																					if (valid7) {
																						if (data22.sizes !== void 0) {
																							let data24 = data22.sizes;
																							if (Array.isArray(data24)) {
																								if (data24.length > 3) {
																									validate20.errors = [{
																										instancePath: instancePath + "/items/" + i0 + "/size/sizes",
																										schemaPath: "#/properties/items/items/properties/size/properties/sizes/maxItems",
																										keyword: "maxItems",
																										params: { limit: 3 },
																										message: "must NOT have more than 3 items"
																									}];
																									return false;
																								} else if (data24.length < 1) {
																									validate20.errors = [{
																										instancePath: instancePath + "/items/" + i0 + "/size/sizes",
																										schemaPath: "#/properties/items/items/properties/size/properties/sizes/minItems",
																										keyword: "minItems",
																										params: { limit: 1 },
																										message: "must NOT have fewer than 1 items"
																									}];
																									return false;
																								} else {
																									const len2 = data24.length;
																									for (let i2 = 0; i2 < len2; i2++) {
																										let data25 = data24[i2];
																										if (typeof data25 == "number" && isFinite(data25)) {
																											if (data25 > 1e4 || isNaN(data25)) {
																												validate20.errors = [{
																													instancePath: instancePath + "/items/" + i0 + "/size/sizes/" + i2,
																													schemaPath: "#/properties/items/items/properties/size/properties/sizes/items/maximum",
																													keyword: "maximum",
																													params: {
																														comparison: "<=",
																														limit: 1e4
																													},
																													message: "must be <= 10000"
																												}];
																												return false;
																											} else if (data25 < 0 || isNaN(data25)) {
																												validate20.errors = [{
																													instancePath: instancePath + "/items/" + i0 + "/size/sizes/" + i2,
																													schemaPath: "#/properties/items/items/properties/size/properties/sizes/items/minimum",
																													keyword: "minimum",
																													params: {
																														comparison: ">=",
																														limit: 0
																													},
																													message: "must be >= 0"
																												}];
																												return false;
																											}
																										} else {
																											validate20.errors = [{
																												instancePath: instancePath + "/items/" + i0 + "/size/sizes/" + i2,
																												schemaPath: "#/properties/items/items/properties/size/properties/sizes/items/type",
																												keyword: "type",
																												params: { type: "number" },
																												message: "must be number"
																											}];
																											return false;
																										}
																									}
																								}
																							} else {
																								validate20.errors = [{
																									instancePath: instancePath + "/items/" + i0 + "/size/sizes",
																									schemaPath: "#/properties/items/items/properties/size/properties/sizes/type",
																									keyword: "type",
																									params: { type: "array" },
																									message: "must be array"
																								}];
																								return false;
																							}
																							var valid7 = true;
																						} else var valid7 = true;
																						if (valid7) {
																							if (data22.made !== void 0) {
																								let data26 = data22.made;
																								if (typeof data26 === "string") {
																									if (func1(data26) > 20) {
																										validate20.errors = [{
																											instancePath: instancePath + "/items/" + i0 + "/size/made",
																											schemaPath: "#/properties/items/items/properties/size/properties/made/maxLength",
																											keyword: "maxLength",
																											params: { limit: 20 },
																											message: "must NOT have more than 20 characters"
																										}];
																										return false;
																									}
																								} else {
																									validate20.errors = [{
																										instancePath: instancePath + "/items/" + i0 + "/size/made",
																										schemaPath: "#/properties/items/items/properties/size/properties/made/type",
																										keyword: "type",
																										params: { type: "string" },
																										message: "must be string"
																									}];
																									return false;
																								}
																								var valid7 = true;
																							} else var valid7 = true;
																						}
																					}
																				}
																			} else {
																				validate20.errors = [{
																					instancePath: instancePath + "/items/" + i0 + "/size",
																					schemaPath: "#/properties/items/items/properties/size/type",
																					keyword: "type",
																					params: { type: "object" },
																					message: "must be object"
																				}];
																				return false;
																			}
																			var valid2 = true;
																		} else var valid2 = true;
																	}
																}
															}
														}
													}
												}
											}
										}
									} else {
										validate20.errors = [{
											instancePath: instancePath + "/items/" + i0,
											schemaPath: "#/properties/items/items/type",
											keyword: "type",
											params: { type: "object" },
											message: "must be object"
										}];
										return false;
									}
								}
							}
						} else {
							validate20.errors = [{
								instancePath: instancePath + "/items",
								schemaPath: "#/properties/items/type",
								keyword: "type",
								params: { type: "array" },
								message: "must be array"
							}];
							return false;
						}
						var valid0 = true;
					} else var valid0 = true;
					if (valid0) {
						if (data.packs !== void 0) {
							let data27 = data.packs;
							if (data27 && typeof data27 == "object" && !Array.isArray(data27)) {
								if (Object.keys(data27).length > 300) {
									validate20.errors = [{
										instancePath: instancePath + "/packs",
										schemaPath: "#/properties/packs/maxProperties",
										keyword: "maxProperties",
										params: { limit: 300 },
										message: "must NOT have more than 300 properties"
									}];
									return false;
								} else for (const key6 in data27) {
									let data28 = data27[key6];
									if (Array.isArray(data28)) {
										if (data28.length > 12) {
											validate20.errors = [{
												instancePath: instancePath + "/packs/" + key6.replace(/~/g, "~0").replace(/\//g, "~1"),
												schemaPath: "#/properties/packs/additionalProperties/maxItems",
												keyword: "maxItems",
												params: { limit: 12 },
												message: "must NOT have more than 12 items"
											}];
											return false;
										} else if (data28.length < 0) {
											validate20.errors = [{
												instancePath: instancePath + "/packs/" + key6.replace(/~/g, "~0").replace(/\//g, "~1"),
												schemaPath: "#/properties/packs/additionalProperties/minItems",
												keyword: "minItems",
												params: { limit: 0 },
												message: "must NOT have fewer than 0 items"
											}];
											return false;
										} else {
											const len3 = data28.length;
											for (let i3 = 0; i3 < len3; i3++) {
												let data29 = data28[i3];
												if (typeof data29 == "number" && isFinite(data29)) {
													if (data29 > 1e6 || isNaN(data29)) {
														validate20.errors = [{
															instancePath: instancePath + "/packs/" + key6.replace(/~/g, "~0").replace(/\//g, "~1") + "/" + i3,
															schemaPath: "#/properties/packs/additionalProperties/items/maximum",
															keyword: "maximum",
															params: {
																comparison: "<=",
																limit: 1e6
															},
															message: "must be <= 1000000"
														}];
														return false;
													} else if (data29 <= 0 || isNaN(data29)) {
														validate20.errors = [{
															instancePath: instancePath + "/packs/" + key6.replace(/~/g, "~0").replace(/\//g, "~1") + "/" + i3,
															schemaPath: "#/properties/packs/additionalProperties/items/exclusiveMinimum",
															keyword: "exclusiveMinimum",
															params: {
																comparison: ">",
																limit: 0
															},
															message: "must be > 0"
														}];
														return false;
													}
												} else {
													validate20.errors = [{
														instancePath: instancePath + "/packs/" + key6.replace(/~/g, "~0").replace(/\//g, "~1") + "/" + i3,
														schemaPath: "#/properties/packs/additionalProperties/items/type",
														keyword: "type",
														params: { type: "number" },
														message: "must be number"
													}];
													return false;
												}
											}
										}
									} else {
										validate20.errors = [{
											instancePath: instancePath + "/packs/" + key6.replace(/~/g, "~0").replace(/\//g, "~1"),
											schemaPath: "#/properties/packs/additionalProperties/type",
											keyword: "type",
											params: { type: "array" },
											message: "must be array"
										}];
										return false;
									}
								}
							} else {
								validate20.errors = [{
									instancePath: instancePath + "/packs",
									schemaPath: "#/properties/packs/type",
									keyword: "type",
									params: { type: "object" },
									message: "must be object"
								}];
								return false;
							}
							var valid0 = true;
						} else var valid0 = true;
						if (valid0) {
							if (data.pastes !== void 0) {
								let data30 = data.pastes;
								if (Array.isArray(data30)) {
									if (data30.length > 200) {
										validate20.errors = [{
											instancePath: instancePath + "/pastes",
											schemaPath: "#/properties/pastes/maxItems",
											keyword: "maxItems",
											params: { limit: 200 },
											message: "must NOT have more than 200 items"
										}];
										return false;
									} else if (data30.length < 0) {
										validate20.errors = [{
											instancePath: instancePath + "/pastes",
											schemaPath: "#/properties/pastes/minItems",
											keyword: "minItems",
											params: { limit: 0 },
											message: "must NOT have fewer than 0 items"
										}];
										return false;
									} else {
										const len4 = data30.length;
										for (let i4 = 0; i4 < len4; i4++) {
											let data31 = data30[i4];
											if (data31 && typeof data31 == "object" && !Array.isArray(data31)) {
												let missing6;
												if (data31.id === void 0 && (missing6 = "id") || data31.name === void 0 && (missing6 = "name") || data31.like === void 0 && (missing6 = "like") || data31.allergens === void 0 && (missing6 = "allergens") || data31.note === void 0 && (missing6 = "note")) {
													validate20.errors = [{
														instancePath: instancePath + "/pastes/" + i4,
														schemaPath: "#/properties/pastes/items/required",
														keyword: "required",
														params: { missingProperty: missing6 },
														message: "must have required property '" + missing6 + "'"
													}];
													return false;
												} else {
													for (const key7 in data31) if (!(key7 === "id" || key7 === "name" || key7 === "like" || key7 === "density" || key7 === "shrink" || key7 === "allergens" || key7 === "note")) {
														validate20.errors = [{
															instancePath: instancePath + "/pastes/" + i4,
															schemaPath: "#/properties/pastes/items/additionalProperties",
															keyword: "additionalProperties",
															params: { additionalProperty: key7 },
															message: "must NOT have additional properties"
														}];
														return false;
													}
													if (data31.id !== void 0) {
														let data32 = data31.id;
														if (typeof data32 === "string") {
															if (!pattern6.test(data32)) {
																validate20.errors = [{
																	instancePath: instancePath + "/pastes/" + i4 + "/id",
																	schemaPath: "#/properties/pastes/items/properties/id/pattern",
																	keyword: "pattern",
																	params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																	message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																}];
																return false;
															}
														} else {
															validate20.errors = [{
																instancePath: instancePath + "/pastes/" + i4 + "/id",
																schemaPath: "#/properties/pastes/items/properties/id/type",
																keyword: "type",
																params: { type: "string" },
																message: "must be string"
															}];
															return false;
														}
														var valid12 = true;
													} else var valid12 = true;
													if (valid12) {
														if (data31.name !== void 0) {
															let data33 = data31.name;
															if (typeof data33 === "string") {
																if (func1(data33) > 120) {
																	validate20.errors = [{
																		instancePath: instancePath + "/pastes/" + i4 + "/name",
																		schemaPath: "#/properties/pastes/items/properties/name/maxLength",
																		keyword: "maxLength",
																		params: { limit: 120 },
																		message: "must NOT have more than 120 characters"
																	}];
																	return false;
																} else if (func1(data33) < 1) {
																	validate20.errors = [{
																		instancePath: instancePath + "/pastes/" + i4 + "/name",
																		schemaPath: "#/properties/pastes/items/properties/name/minLength",
																		keyword: "minLength",
																		params: { limit: 1 },
																		message: "must NOT have fewer than 1 characters"
																	}];
																	return false;
																}
															} else {
																validate20.errors = [{
																	instancePath: instancePath + "/pastes/" + i4 + "/name",
																	schemaPath: "#/properties/pastes/items/properties/name/type",
																	keyword: "type",
																	params: { type: "string" },
																	message: "must be string"
																}];
																return false;
															}
															var valid12 = true;
														} else var valid12 = true;
														if (valid12) {
															if (data31.like !== void 0) {
																let data34 = data31.like;
																if (typeof data34 !== "string") {
																	validate20.errors = [{
																		instancePath: instancePath + "/pastes/" + i4 + "/like",
																		schemaPath: "#/properties/pastes/items/properties/like/type",
																		keyword: "type",
																		params: { type: "string" },
																		message: "must be string"
																	}];
																	return false;
																}
																if (!(data34 === "fondant" || data34 === "gumPaste" || data34 === "modellingPaste" || data34 === "marzipan" || data34 === "chocolateDark" || data34 === "chocolateMilk" || data34 === "chocolateWhite" || data34 === "chocolateCompound" || data34 === "royalIcing")) {
																	validate20.errors = [{
																		instancePath: instancePath + "/pastes/" + i4 + "/like",
																		schemaPath: "#/properties/pastes/items/properties/like/enum",
																		keyword: "enum",
																		params: { allowedValues: schema31.properties.pastes.items.properties.like.enum },
																		message: "must be equal to one of the allowed values"
																	}];
																	return false;
																}
																var valid12 = true;
															} else var valid12 = true;
															if (valid12) {
																if (data31.density !== void 0) {
																	let data35 = data31.density;
																	if (typeof data35 == "number" && isFinite(data35)) {
																		if (data35 > 1.7 || isNaN(data35)) {
																			validate20.errors = [{
																				instancePath: instancePath + "/pastes/" + i4 + "/density",
																				schemaPath: "#/properties/pastes/items/properties/density/maximum",
																				keyword: "maximum",
																				params: {
																					comparison: "<=",
																					limit: 1.7
																				},
																				message: "must be <= 1.7"
																			}];
																			return false;
																		} else if (data35 < .1 || isNaN(data35)) {
																			validate20.errors = [{
																				instancePath: instancePath + "/pastes/" + i4 + "/density",
																				schemaPath: "#/properties/pastes/items/properties/density/minimum",
																				keyword: "minimum",
																				params: {
																					comparison: ">=",
																					limit: .1
																				},
																				message: "must be >= 0.1"
																			}];
																			return false;
																		}
																	} else {
																		validate20.errors = [{
																			instancePath: instancePath + "/pastes/" + i4 + "/density",
																			schemaPath: "#/properties/pastes/items/properties/density/type",
																			keyword: "type",
																			params: { type: "number" },
																			message: "must be number"
																		}];
																		return false;
																	}
																	var valid12 = true;
																} else var valid12 = true;
																if (valid12) {
																	if (data31.shrink !== void 0) {
																		let data36 = data31.shrink;
																		if (typeof data36 == "number" && isFinite(data36)) {
																			if (data36 > 10 || isNaN(data36)) {
																				validate20.errors = [{
																					instancePath: instancePath + "/pastes/" + i4 + "/shrink",
																					schemaPath: "#/properties/pastes/items/properties/shrink/maximum",
																					keyword: "maximum",
																					params: {
																						comparison: "<=",
																						limit: 10
																					},
																					message: "must be <= 10"
																				}];
																				return false;
																			} else if (data36 < 0 || isNaN(data36)) {
																				validate20.errors = [{
																					instancePath: instancePath + "/pastes/" + i4 + "/shrink",
																					schemaPath: "#/properties/pastes/items/properties/shrink/minimum",
																					keyword: "minimum",
																					params: {
																						comparison: ">=",
																						limit: 0
																					},
																					message: "must be >= 0"
																				}];
																				return false;
																			}
																		} else {
																			validate20.errors = [{
																				instancePath: instancePath + "/pastes/" + i4 + "/shrink",
																				schemaPath: "#/properties/pastes/items/properties/shrink/type",
																				keyword: "type",
																				params: { type: "number" },
																				message: "must be number"
																			}];
																			return false;
																		}
																		var valid12 = true;
																	} else var valid12 = true;
																	if (valid12) {
																		if (data31.allergens !== void 0) {
																			let data37 = data31.allergens;
																			if (Array.isArray(data37)) {
																				if (data37.length > 20) {
																					validate20.errors = [{
																						instancePath: instancePath + "/pastes/" + i4 + "/allergens",
																						schemaPath: "#/properties/pastes/items/properties/allergens/maxItems",
																						keyword: "maxItems",
																						params: { limit: 20 },
																						message: "must NOT have more than 20 items"
																					}];
																					return false;
																				} else if (data37.length < 0) {
																					validate20.errors = [{
																						instancePath: instancePath + "/pastes/" + i4 + "/allergens",
																						schemaPath: "#/properties/pastes/items/properties/allergens/minItems",
																						keyword: "minItems",
																						params: { limit: 0 },
																						message: "must NOT have fewer than 0 items"
																					}];
																					return false;
																				} else {
																					const len5 = data37.length;
																					for (let i5 = 0; i5 < len5; i5++) {
																						let data38 = data37[i5];
																						if (typeof data38 === "string") {
																							if (func1(data38) > 60) {
																								validate20.errors = [{
																									instancePath: instancePath + "/pastes/" + i4 + "/allergens/" + i5,
																									schemaPath: "#/properties/pastes/items/properties/allergens/items/maxLength",
																									keyword: "maxLength",
																									params: { limit: 60 },
																									message: "must NOT have more than 60 characters"
																								}];
																								return false;
																							}
																						} else {
																							validate20.errors = [{
																								instancePath: instancePath + "/pastes/" + i4 + "/allergens/" + i5,
																								schemaPath: "#/properties/pastes/items/properties/allergens/items/type",
																								keyword: "type",
																								params: { type: "string" },
																								message: "must be string"
																							}];
																							return false;
																						}
																					}
																				}
																			} else {
																				validate20.errors = [{
																					instancePath: instancePath + "/pastes/" + i4 + "/allergens",
																					schemaPath: "#/properties/pastes/items/properties/allergens/type",
																					keyword: "type",
																					params: { type: "array" },
																					message: "must be array"
																				}];
																				return false;
																			}
																			var valid12 = true;
																		} else var valid12 = true;
																		if (valid12) {
																			if (data31.note !== void 0) {
																				let data39 = data31.note;
																				if (typeof data39 === "string") {
																					if (func1(data39) > 1e3) {
																						validate20.errors = [{
																							instancePath: instancePath + "/pastes/" + i4 + "/note",
																							schemaPath: "#/properties/pastes/items/properties/note/maxLength",
																							keyword: "maxLength",
																							params: { limit: 1e3 },
																							message: "must NOT have more than 1000 characters"
																						}];
																						return false;
																					}
																				} else {
																					validate20.errors = [{
																						instancePath: instancePath + "/pastes/" + i4 + "/note",
																						schemaPath: "#/properties/pastes/items/properties/note/type",
																						keyword: "type",
																						params: { type: "string" },
																						message: "must be string"
																					}];
																					return false;
																				}
																				var valid12 = true;
																			} else var valid12 = true;
																		}
																	}
																}
															}
														}
													}
												}
											} else {
												validate20.errors = [{
													instancePath: instancePath + "/pastes/" + i4,
													schemaPath: "#/properties/pastes/items/type",
													keyword: "type",
													params: { type: "object" },
													message: "must be object"
												}];
												return false;
											}
										}
									}
								} else {
									validate20.errors = [{
										instancePath: instancePath + "/pastes",
										schemaPath: "#/properties/pastes/type",
										keyword: "type",
										params: { type: "array" },
										message: "must be array"
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
		validate20.errors = [{
			instancePath,
			schemaPath: "#/type",
			keyword: "type",
			params: { type: "object" },
			message: "must be object"
		}];
		return false;
	}
	validate20.errors = vErrors;
	return true;
}
validate20.evaluated = {
	"props": true,
	"dynamicProps": false,
	"dynamicItems": false
};
export { validateStores };
