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
const validateBuild = validate20;
const schema31 = {
	"$schema": "https://json-schema.org/draft/2020-12/schema",
	"$id": "build",
	"title": "Elm Spindle build",
	"type": "object",
	"additionalProperties": false,
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
		"hours",
		"practice",
		"bench"
	],
	"properties": {
		"format": { "const": "elm-spindle-build" },
		"version": { "const": 2 },
		"id": {
			"type": "string",
			"minLength": 1,
			"maxLength": 80
		},
		"name": {
			"type": "string",
			"minLength": 1,
			"maxLength": 120
		},
		"brief": {
			"type": "object",
			"additionalProperties": false,
			"required": [
				"due",
				"zone",
				"journey",
				"note"
			],
			"properties": {
				"due": {
					"type": "string",
					"pattern": "^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}$"
				},
				"zone": {
					"type": "string",
					"minLength": 1,
					"maxLength": 60
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
				"note": {
					"type": "string",
					"maxLength": 4e3
				}
			}
		},
		"room": {
			"type": "object",
			"additionalProperties": false,
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
				}
			}
		},
		"board": {
			"type": "object",
			"additionalProperties": false,
			"required": [
				"shape",
				"width",
				"thickness",
				"material"
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
				}
			}
		},
		"blends": {
			"type": "array",
			"items": {
				"type": "object",
				"additionalProperties": false,
				"required": [
					"id",
					"name",
					"base",
					"gumPaste",
					"powder"
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
					"base": {
						"type": "string",
						"enum": [
							"fondant",
							"gumPaste",
							"modellingPaste",
							"marzipan",
							"chocolateDark",
							"chocolateMilk",
							"chocolateWhite"
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
					"density": {
						"type": "number",
						"minimum": .1,
						"maximum": 1.7
					}
				}
			},
			"maxItems": 60,
			"minItems": 1
		},
		"colours": {
			"type": "array",
			"items": {
				"type": "object",
				"additionalProperties": false,
				"required": [
					"id",
					"name",
					"hex"
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
					"hex": {
						"type": "string",
						"pattern": "^#[0-9a-fA-F]{6}$"
					}
				}
			},
			"maxItems": 200,
			"minItems": 1
		},
		"pieces": {
			"type": "array",
			"items": {
				"type": "object",
				"additionalProperties": false,
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
					"hidden"
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
					"form": {
						"type": "object",
						"additionalProperties": false,
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
									"type": "array",
									"items": {
										"type": "array",
										"items": {
											"type": "number",
											"minimum": -4,
											"maximum": 4
										},
										"maxItems": 3,
										"minItems": 2
									},
									"maxItems": 200,
									"minItems": 2
								} },
								"additionalProperties": false
							},
							"coat": {
								"type": "object",
								"additionalProperties": false,
								"required": ["thickness", "under"],
								"properties": {
									"thickness": {
										"type": "number",
										"minimum": .1,
										"maximum": 100
									},
									"under": { "type": "boolean" }
								}
							},
							"solid": {
								"type": "object",
								"additionalProperties": false,
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
										"type": "string",
										"minLength": 1,
										"maxLength": 120
									},
									"corners": {
										"type": "array",
										"items": {
											"type": "integer",
											"minimum": 0,
											"maximum": 1e4
										},
										"maxItems": 6e4,
										"minItems": 12
									},
									"faces": {
										"type": "array",
										"items": {
											"type": "integer",
											"minimum": 0,
											"maximum": 2e4
										},
										"maxItems": 6e4,
										"minItems": 12
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
										"maxItems": 3,
										"minItems": 3
									},
									"watertight": { "type": "boolean" }
								}
							}
						}
					},
					"blend": {
						"type": "string",
						"pattern": "^[a-z0-9][a-z0-9-]{0,59}$"
					},
					"colour": {
						"type": "string",
						"pattern": "^[a-z0-9][a-z0-9-]{0,59}$"
					},
					"seat": {
						"type": "object",
						"additionalProperties": false,
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
								"type": "string",
								"pattern": "^[a-z0-9][a-z0-9-]{0,59}$"
							},
							"at": {
								"type": "array",
								"items": {
									"type": "number",
									"minimum": -3e3,
									"maximum": 3e3
								},
								"minItems": 3,
								"maxItems": 3
							},
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
							}
						}
					},
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
							"stipple"
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
					}
				}
			},
			"maxItems": 600,
			"minItems": 0
		},
		"rods": {
			"type": "array",
			"items": {
				"type": "object",
				"additionalProperties": false,
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
						"type": "string",
						"pattern": "^[a-z0-9][a-z0-9-]{0,59}$"
					},
					"name": {
						"type": "string",
						"minLength": 1,
						"maxLength": 120
					},
					"stock": {
						"type": "string",
						"enum": [
							"spaghetti18",
							"cocktail2",
							"skewer3",
							"wire24",
							"wire22",
							"wire20",
							"wire18",
							"paper4",
							"skewer4",
							"dowel6",
							"dowel8",
							"dowel10",
							"dowel12",
							"m6",
							"m8",
							"m10",
							"m12"
						]
					},
					"from": {
						"type": "object",
						"additionalProperties": false,
						"required": ["on", "at"],
						"properties": {
							"on": {
								"type": "string",
								"pattern": "^[a-z0-9][a-z0-9-]{0,59}$"
							},
							"at": {
								"type": "array",
								"items": {
									"type": "number",
									"minimum": -3e3,
									"maximum": 3e3
								},
								"minItems": 3,
								"maxItems": 3
							}
						}
					},
					"to": {
						"type": "object",
						"additionalProperties": false,
						"required": ["on", "at"],
						"properties": {
							"on": {
								"type": "string",
								"pattern": "^[a-z0-9][a-z0-9-]{0,59}$"
							},
							"at": {
								"type": "array",
								"items": {
									"type": "number",
									"minimum": -3e3,
									"maximum": 3e3
								},
								"minItems": 3,
								"maxItems": 3
							}
						}
					},
					"pair": { "type": "boolean" },
					"sleeved": { "type": "boolean" }
				}
			},
			"maxItems": 200,
			"minItems": 0
		},
		"hours": {
			"type": "array",
			"items": {
				"type": "object",
				"additionalProperties": false,
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
						"type": "string",
						"pattern": "^([01]\\d|2[0-3]):[0-5]\\d$"
					},
					"to": {
						"type": "string",
						"pattern": "^([01]\\d|2[0-3]):[0-5]\\d$"
					}
				}
			},
			"maxItems": 60,
			"minItems": 0
		},
		"practice": {
			"type": "object",
			"additionalProperties": false,
			"required": [
				"spare",
				"powderBulk",
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
				"pace": {
					"type": "number",
					"minimum": .3,
					"maximum": 4
				}
			}
		},
		"bench": {
			"type": "object",
			"additionalProperties": false,
			"required": ["done"],
			"properties": { "done": {
				"type": "array",
				"items": {
					"type": "object",
					"additionalProperties": false,
					"required": ["step", "at"],
					"properties": {
						"step": {
							"type": "string",
							"maxLength": 200
						},
						"at": {
							"type": "string",
							"maxLength": 40
						}
					}
				},
				"maxItems": 4e3,
				"minItems": 0
			} }
		}
	}
};
const func1 = Object.prototype.hasOwnProperty;
const func2 = require_ucs2length().default;
const pattern4 = /* @__PURE__ */ new RegExp("^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}$", "u");
const pattern5 = /* @__PURE__ */ new RegExp("^[a-z0-9][a-z0-9-]{0,59}$", "u");
const pattern7 = /* @__PURE__ */ new RegExp("^#[0-9a-fA-F]{6}$", "u");
const pattern9 = /* @__PURE__ */ new RegExp("^(edge|front|side|profile|hole[1-9])$", "u");
const pattern17 = /* @__PURE__ */ new RegExp("^([01]\\d|2[0-3]):[0-5]\\d$", "u");
function validate20(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
	let vErrors = null;
	const evaluated0 = validate20.evaluated;
	if (evaluated0.dynamicProps) evaluated0.props = void 0;
	if (evaluated0.dynamicItems) evaluated0.items = void 0;
	if (data && typeof data == "object" && !Array.isArray(data)) {
		let missing0;
		if (data.format === void 0 && (missing0 = "format") || data.version === void 0 && (missing0 = "version") || data.id === void 0 && (missing0 = "id") || data.name === void 0 && (missing0 = "name") || data.brief === void 0 && (missing0 = "brief") || data.room === void 0 && (missing0 = "room") || data.board === void 0 && (missing0 = "board") || data.blends === void 0 && (missing0 = "blends") || data.colours === void 0 && (missing0 = "colours") || data.pieces === void 0 && (missing0 = "pieces") || data.rods === void 0 && (missing0 = "rods") || data.hours === void 0 && (missing0 = "hours") || data.practice === void 0 && (missing0 = "practice") || data.bench === void 0 && (missing0 = "bench")) {
			validate20.errors = [{
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: missing0 },
				message: "must have required property '" + missing0 + "'"
			}];
			return false;
		} else {
			for (const key0 in data) if (!func1.call(schema31.properties, key0)) {
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
				if ("elm-spindle-build" !== data.format) {
					validate20.errors = [{
						instancePath: instancePath + "/format",
						schemaPath: "#/properties/format/const",
						keyword: "const",
						params: { allowedValue: "elm-spindle-build" },
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
					if (data.id !== void 0) {
						let data2 = data.id;
						if (typeof data2 === "string") {
							if (func2(data2) > 80) {
								validate20.errors = [{
									instancePath: instancePath + "/id",
									schemaPath: "#/properties/id/maxLength",
									keyword: "maxLength",
									params: { limit: 80 },
									message: "must NOT have more than 80 characters"
								}];
								return false;
							} else if (func2(data2) < 1) {
								validate20.errors = [{
									instancePath: instancePath + "/id",
									schemaPath: "#/properties/id/minLength",
									keyword: "minLength",
									params: { limit: 1 },
									message: "must NOT have fewer than 1 characters"
								}];
								return false;
							}
						} else {
							validate20.errors = [{
								instancePath: instancePath + "/id",
								schemaPath: "#/properties/id/type",
								keyword: "type",
								params: { type: "string" },
								message: "must be string"
							}];
							return false;
						}
						var valid0 = true;
					} else var valid0 = true;
					if (valid0) {
						if (data.name !== void 0) {
							let data3 = data.name;
							if (typeof data3 === "string") {
								if (func2(data3) > 120) {
									validate20.errors = [{
										instancePath: instancePath + "/name",
										schemaPath: "#/properties/name/maxLength",
										keyword: "maxLength",
										params: { limit: 120 },
										message: "must NOT have more than 120 characters"
									}];
									return false;
								} else if (func2(data3) < 1) {
									validate20.errors = [{
										instancePath: instancePath + "/name",
										schemaPath: "#/properties/name/minLength",
										keyword: "minLength",
										params: { limit: 1 },
										message: "must NOT have fewer than 1 characters"
									}];
									return false;
								}
							} else {
								validate20.errors = [{
									instancePath: instancePath + "/name",
									schemaPath: "#/properties/name/type",
									keyword: "type",
									params: { type: "string" },
									message: "must be string"
								}];
								return false;
							}
							var valid0 = true;
						} else var valid0 = true;
						if (valid0) {
							if (data.brief !== void 0) {
								let data4 = data.brief;
								if (data4 && typeof data4 == "object" && !Array.isArray(data4)) {
									let missing1;
									if (data4.due === void 0 && (missing1 = "due") || data4.zone === void 0 && (missing1 = "zone") || data4.journey === void 0 && (missing1 = "journey") || data4.note === void 0 && (missing1 = "note")) {
										validate20.errors = [{
											instancePath: instancePath + "/brief",
											schemaPath: "#/properties/brief/required",
											keyword: "required",
											params: { missingProperty: missing1 },
											message: "must have required property '" + missing1 + "'"
										}];
										return false;
									} else {
										for (const key1 in data4) if (!(key1 === "due" || key1 === "zone" || key1 === "journey" || key1 === "note")) {
											validate20.errors = [{
												instancePath: instancePath + "/brief",
												schemaPath: "#/properties/brief/additionalProperties",
												keyword: "additionalProperties",
												params: { additionalProperty: key1 },
												message: "must NOT have additional properties"
											}];
											return false;
										}
										if (data4.due !== void 0) {
											let data5 = data4.due;
											if (typeof data5 === "string") {
												if (!pattern4.test(data5)) {
													validate20.errors = [{
														instancePath: instancePath + "/brief/due",
														schemaPath: "#/properties/brief/properties/due/pattern",
														keyword: "pattern",
														params: { pattern: "^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}$" },
														message: "must match pattern \"^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}$\""
													}];
													return false;
												}
											} else {
												validate20.errors = [{
													instancePath: instancePath + "/brief/due",
													schemaPath: "#/properties/brief/properties/due/type",
													keyword: "type",
													params: { type: "string" },
													message: "must be string"
												}];
												return false;
											}
											var valid1 = true;
										} else var valid1 = true;
										if (valid1) {
											if (data4.zone !== void 0) {
												let data6 = data4.zone;
												if (typeof data6 === "string") {
													if (func2(data6) > 60) {
														validate20.errors = [{
															instancePath: instancePath + "/brief/zone",
															schemaPath: "#/properties/brief/properties/zone/maxLength",
															keyword: "maxLength",
															params: { limit: 60 },
															message: "must NOT have more than 60 characters"
														}];
														return false;
													} else if (func2(data6) < 1) {
														validate20.errors = [{
															instancePath: instancePath + "/brief/zone",
															schemaPath: "#/properties/brief/properties/zone/minLength",
															keyword: "minLength",
															params: { limit: 1 },
															message: "must NOT have fewer than 1 characters"
														}];
														return false;
													}
												} else {
													validate20.errors = [{
														instancePath: instancePath + "/brief/zone",
														schemaPath: "#/properties/brief/properties/zone/type",
														keyword: "type",
														params: { type: "string" },
														message: "must be string"
													}];
													return false;
												}
												var valid1 = true;
											} else var valid1 = true;
											if (valid1) {
												if (data4.journey !== void 0) {
													let data7 = data4.journey;
													if (typeof data7 !== "string") {
														validate20.errors = [{
															instancePath: instancePath + "/brief/journey",
															schemaPath: "#/properties/brief/properties/journey/type",
															keyword: "type",
															params: { type: "string" },
															message: "must be string"
														}];
														return false;
													}
													if (!(data7 === "table" || data7 === "carry" || data7 === "carFlat" || data7 === "carSeat" || data7 === "carHard")) {
														validate20.errors = [{
															instancePath: instancePath + "/brief/journey",
															schemaPath: "#/properties/brief/properties/journey/enum",
															keyword: "enum",
															params: { allowedValues: schema31.properties.brief.properties.journey.enum },
															message: "must be equal to one of the allowed values"
														}];
														return false;
													}
													var valid1 = true;
												} else var valid1 = true;
												if (valid1) {
													if (data4.note !== void 0) {
														let data8 = data4.note;
														if (typeof data8 === "string") {
															if (func2(data8) > 4e3) {
																validate20.errors = [{
																	instancePath: instancePath + "/brief/note",
																	schemaPath: "#/properties/brief/properties/note/maxLength",
																	keyword: "maxLength",
																	params: { limit: 4e3 },
																	message: "must NOT have more than 4000 characters"
																}];
																return false;
															}
														} else {
															validate20.errors = [{
																instancePath: instancePath + "/brief/note",
																schemaPath: "#/properties/brief/properties/note/type",
																keyword: "type",
																params: { type: "string" },
																message: "must be string"
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
									validate20.errors = [{
										instancePath: instancePath + "/brief",
										schemaPath: "#/properties/brief/type",
										keyword: "type",
										params: { type: "object" },
										message: "must be object"
									}];
									return false;
								}
								var valid0 = true;
							} else var valid0 = true;
							if (valid0) {
								if (data.room !== void 0) {
									let data9 = data.room;
									if (data9 && typeof data9 == "object" && !Array.isArray(data9)) {
										let missing2;
										if (data9.temperature === void 0 && (missing2 = "temperature") || data9.humidity === void 0 && (missing2 = "humidity") || data9.air === void 0 && (missing2 = "air")) {
											validate20.errors = [{
												instancePath: instancePath + "/room",
												schemaPath: "#/properties/room/required",
												keyword: "required",
												params: { missingProperty: missing2 },
												message: "must have required property '" + missing2 + "'"
											}];
											return false;
										} else {
											for (const key2 in data9) if (!(key2 === "temperature" || key2 === "humidity" || key2 === "air")) {
												validate20.errors = [{
													instancePath: instancePath + "/room",
													schemaPath: "#/properties/room/additionalProperties",
													keyword: "additionalProperties",
													params: { additionalProperty: key2 },
													message: "must NOT have additional properties"
												}];
												return false;
											}
											if (data9.temperature !== void 0) {
												let data10 = data9.temperature;
												if (typeof data10 == "number" && isFinite(data10)) {
													if (data10 > 40 || isNaN(data10)) {
														validate20.errors = [{
															instancePath: instancePath + "/room/temperature",
															schemaPath: "#/properties/room/properties/temperature/maximum",
															keyword: "maximum",
															params: {
																comparison: "<=",
																limit: 40
															},
															message: "must be <= 40"
														}];
														return false;
													} else if (data10 < 5 || isNaN(data10)) {
														validate20.errors = [{
															instancePath: instancePath + "/room/temperature",
															schemaPath: "#/properties/room/properties/temperature/minimum",
															keyword: "minimum",
															params: {
																comparison: ">=",
																limit: 5
															},
															message: "must be >= 5"
														}];
														return false;
													}
												} else {
													validate20.errors = [{
														instancePath: instancePath + "/room/temperature",
														schemaPath: "#/properties/room/properties/temperature/type",
														keyword: "type",
														params: { type: "number" },
														message: "must be number"
													}];
													return false;
												}
												var valid2 = true;
											} else var valid2 = true;
											if (valid2) {
												if (data9.humidity !== void 0) {
													let data11 = data9.humidity;
													if (typeof data11 == "number" && isFinite(data11)) {
														if (data11 > 95 || isNaN(data11)) {
															validate20.errors = [{
																instancePath: instancePath + "/room/humidity",
																schemaPath: "#/properties/room/properties/humidity/maximum",
																keyword: "maximum",
																params: {
																	comparison: "<=",
																	limit: 95
																},
																message: "must be <= 95"
															}];
															return false;
														} else if (data11 < 5 || isNaN(data11)) {
															validate20.errors = [{
																instancePath: instancePath + "/room/humidity",
																schemaPath: "#/properties/room/properties/humidity/minimum",
																keyword: "minimum",
																params: {
																	comparison: ">=",
																	limit: 5
																},
																message: "must be >= 5"
															}];
															return false;
														}
													} else {
														validate20.errors = [{
															instancePath: instancePath + "/room/humidity",
															schemaPath: "#/properties/room/properties/humidity/type",
															keyword: "type",
															params: { type: "number" },
															message: "must be number"
														}];
														return false;
													}
													var valid2 = true;
												} else var valid2 = true;
												if (valid2) {
													if (data9.air !== void 0) {
														let data12 = data9.air;
														if (typeof data12 == "number" && isFinite(data12)) {
															if (data12 > 3 || isNaN(data12)) {
																validate20.errors = [{
																	instancePath: instancePath + "/room/air",
																	schemaPath: "#/properties/room/properties/air/maximum",
																	keyword: "maximum",
																	params: {
																		comparison: "<=",
																		limit: 3
																	},
																	message: "must be <= 3"
																}];
																return false;
															} else if (data12 < .02 || isNaN(data12)) {
																validate20.errors = [{
																	instancePath: instancePath + "/room/air",
																	schemaPath: "#/properties/room/properties/air/minimum",
																	keyword: "minimum",
																	params: {
																		comparison: ">=",
																		limit: .02
																	},
																	message: "must be >= 0.02"
																}];
																return false;
															}
														} else {
															validate20.errors = [{
																instancePath: instancePath + "/room/air",
																schemaPath: "#/properties/room/properties/air/type",
																keyword: "type",
																params: { type: "number" },
																message: "must be number"
															}];
															return false;
														}
														var valid2 = true;
													} else var valid2 = true;
												}
											}
										}
									} else {
										validate20.errors = [{
											instancePath: instancePath + "/room",
											schemaPath: "#/properties/room/type",
											keyword: "type",
											params: { type: "object" },
											message: "must be object"
										}];
										return false;
									}
									var valid0 = true;
								} else var valid0 = true;
								if (valid0) {
									if (data.board !== void 0) {
										let data13 = data.board;
										if (data13 && typeof data13 == "object" && !Array.isArray(data13)) {
											let missing3;
											if (data13.shape === void 0 && (missing3 = "shape") || data13.width === void 0 && (missing3 = "width") || data13.thickness === void 0 && (missing3 = "thickness") || data13.material === void 0 && (missing3 = "material")) {
												validate20.errors = [{
													instancePath: instancePath + "/board",
													schemaPath: "#/properties/board/required",
													keyword: "required",
													params: { missingProperty: missing3 },
													message: "must have required property '" + missing3 + "'"
												}];
												return false;
											} else {
												for (const key3 in data13) if (!(key3 === "shape" || key3 === "width" || key3 === "thickness" || key3 === "material")) {
													validate20.errors = [{
														instancePath: instancePath + "/board",
														schemaPath: "#/properties/board/additionalProperties",
														keyword: "additionalProperties",
														params: { additionalProperty: key3 },
														message: "must NOT have additional properties"
													}];
													return false;
												}
												if (data13.shape !== void 0) {
													let data14 = data13.shape;
													if (typeof data14 !== "string") {
														validate20.errors = [{
															instancePath: instancePath + "/board/shape",
															schemaPath: "#/properties/board/properties/shape/type",
															keyword: "type",
															params: { type: "string" },
															message: "must be string"
														}];
														return false;
													}
													if (!(data14 === "round" || data14 === "square")) {
														validate20.errors = [{
															instancePath: instancePath + "/board/shape",
															schemaPath: "#/properties/board/properties/shape/enum",
															keyword: "enum",
															params: { allowedValues: schema31.properties.board.properties.shape.enum },
															message: "must be equal to one of the allowed values"
														}];
														return false;
													}
													var valid3 = true;
												} else var valid3 = true;
												if (valid3) {
													if (data13.width !== void 0) {
														let data15 = data13.width;
														if (typeof data15 == "number" && isFinite(data15)) {
															if (data15 > 1500 || isNaN(data15)) {
																validate20.errors = [{
																	instancePath: instancePath + "/board/width",
																	schemaPath: "#/properties/board/properties/width/maximum",
																	keyword: "maximum",
																	params: {
																		comparison: "<=",
																		limit: 1500
																	},
																	message: "must be <= 1500"
																}];
																return false;
															} else if (data15 < 20 || isNaN(data15)) {
																validate20.errors = [{
																	instancePath: instancePath + "/board/width",
																	schemaPath: "#/properties/board/properties/width/minimum",
																	keyword: "minimum",
																	params: {
																		comparison: ">=",
																		limit: 20
																	},
																	message: "must be >= 20"
																}];
																return false;
															}
														} else {
															validate20.errors = [{
																instancePath: instancePath + "/board/width",
																schemaPath: "#/properties/board/properties/width/type",
																keyword: "type",
																params: { type: "number" },
																message: "must be number"
															}];
															return false;
														}
														var valid3 = true;
													} else var valid3 = true;
													if (valid3) {
														if (data13.thickness !== void 0) {
															let data16 = data13.thickness;
															if (typeof data16 == "number" && isFinite(data16)) {
																if (data16 > 60 || isNaN(data16)) {
																	validate20.errors = [{
																		instancePath: instancePath + "/board/thickness",
																		schemaPath: "#/properties/board/properties/thickness/maximum",
																		keyword: "maximum",
																		params: {
																			comparison: "<=",
																			limit: 60
																		},
																		message: "must be <= 60"
																	}];
																	return false;
																} else if (data16 < 1 || isNaN(data16)) {
																	validate20.errors = [{
																		instancePath: instancePath + "/board/thickness",
																		schemaPath: "#/properties/board/properties/thickness/minimum",
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
																	instancePath: instancePath + "/board/thickness",
																	schemaPath: "#/properties/board/properties/thickness/type",
																	keyword: "type",
																	params: { type: "number" },
																	message: "must be number"
																}];
																return false;
															}
															var valid3 = true;
														} else var valid3 = true;
														if (valid3) {
															if (data13.material !== void 0) {
																let data17 = data13.material;
																if (typeof data17 !== "string") {
																	validate20.errors = [{
																		instancePath: instancePath + "/board/material",
																		schemaPath: "#/properties/board/properties/material/type",
																		keyword: "type",
																		params: { type: "string" },
																		message: "must be string"
																	}];
																	return false;
																}
																if (!(data17 === "drum" || data17 === "mdf" || data17 === "plywood" || data17 === "foamcore")) {
																	validate20.errors = [{
																		instancePath: instancePath + "/board/material",
																		schemaPath: "#/properties/board/properties/material/enum",
																		keyword: "enum",
																		params: { allowedValues: schema31.properties.board.properties.material.enum },
																		message: "must be equal to one of the allowed values"
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
												instancePath: instancePath + "/board",
												schemaPath: "#/properties/board/type",
												keyword: "type",
												params: { type: "object" },
												message: "must be object"
											}];
											return false;
										}
										var valid0 = true;
									} else var valid0 = true;
									if (valid0) {
										if (data.blends !== void 0) {
											let data18 = data.blends;
											if (Array.isArray(data18)) {
												if (data18.length > 60) {
													validate20.errors = [{
														instancePath: instancePath + "/blends",
														schemaPath: "#/properties/blends/maxItems",
														keyword: "maxItems",
														params: { limit: 60 },
														message: "must NOT have more than 60 items"
													}];
													return false;
												} else if (data18.length < 1) {
													validate20.errors = [{
														instancePath: instancePath + "/blends",
														schemaPath: "#/properties/blends/minItems",
														keyword: "minItems",
														params: { limit: 1 },
														message: "must NOT have fewer than 1 items"
													}];
													return false;
												} else {
													const len0 = data18.length;
													for (let i0 = 0; i0 < len0; i0++) {
														let data19 = data18[i0];
														if (data19 && typeof data19 == "object" && !Array.isArray(data19)) {
															let missing4;
															if (data19.id === void 0 && (missing4 = "id") || data19.name === void 0 && (missing4 = "name") || data19.base === void 0 && (missing4 = "base") || data19.gumPaste === void 0 && (missing4 = "gumPaste") || data19.powder === void 0 && (missing4 = "powder")) {
																validate20.errors = [{
																	instancePath: instancePath + "/blends/" + i0,
																	schemaPath: "#/properties/blends/items/required",
																	keyword: "required",
																	params: { missingProperty: missing4 },
																	message: "must have required property '" + missing4 + "'"
																}];
																return false;
															} else {
																for (const key4 in data19) if (!(key4 === "id" || key4 === "name" || key4 === "base" || key4 === "gumPaste" || key4 === "powder" || key4 === "density")) {
																	validate20.errors = [{
																		instancePath: instancePath + "/blends/" + i0,
																		schemaPath: "#/properties/blends/items/additionalProperties",
																		keyword: "additionalProperties",
																		params: { additionalProperty: key4 },
																		message: "must NOT have additional properties"
																	}];
																	return false;
																}
																if (data19.id !== void 0) {
																	let data20 = data19.id;
																	if (typeof data20 === "string") {
																		if (!pattern5.test(data20)) {
																			validate20.errors = [{
																				instancePath: instancePath + "/blends/" + i0 + "/id",
																				schemaPath: "#/properties/blends/items/properties/id/pattern",
																				keyword: "pattern",
																				params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																				message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																			}];
																			return false;
																		}
																	} else {
																		validate20.errors = [{
																			instancePath: instancePath + "/blends/" + i0 + "/id",
																			schemaPath: "#/properties/blends/items/properties/id/type",
																			keyword: "type",
																			params: { type: "string" },
																			message: "must be string"
																		}];
																		return false;
																	}
																	var valid5 = true;
																} else var valid5 = true;
																if (valid5) {
																	if (data19.name !== void 0) {
																		let data21 = data19.name;
																		if (typeof data21 === "string") {
																			if (func2(data21) > 120) {
																				validate20.errors = [{
																					instancePath: instancePath + "/blends/" + i0 + "/name",
																					schemaPath: "#/properties/blends/items/properties/name/maxLength",
																					keyword: "maxLength",
																					params: { limit: 120 },
																					message: "must NOT have more than 120 characters"
																				}];
																				return false;
																			} else if (func2(data21) < 1) {
																				validate20.errors = [{
																					instancePath: instancePath + "/blends/" + i0 + "/name",
																					schemaPath: "#/properties/blends/items/properties/name/minLength",
																					keyword: "minLength",
																					params: { limit: 1 },
																					message: "must NOT have fewer than 1 characters"
																				}];
																				return false;
																			}
																		} else {
																			validate20.errors = [{
																				instancePath: instancePath + "/blends/" + i0 + "/name",
																				schemaPath: "#/properties/blends/items/properties/name/type",
																				keyword: "type",
																				params: { type: "string" },
																				message: "must be string"
																			}];
																			return false;
																		}
																		var valid5 = true;
																	} else var valid5 = true;
																	if (valid5) {
																		if (data19.base !== void 0) {
																			let data22 = data19.base;
																			if (typeof data22 !== "string") {
																				validate20.errors = [{
																					instancePath: instancePath + "/blends/" + i0 + "/base",
																					schemaPath: "#/properties/blends/items/properties/base/type",
																					keyword: "type",
																					params: { type: "string" },
																					message: "must be string"
																				}];
																				return false;
																			}
																			if (!(data22 === "fondant" || data22 === "gumPaste" || data22 === "modellingPaste" || data22 === "marzipan" || data22 === "chocolateDark" || data22 === "chocolateMilk" || data22 === "chocolateWhite")) {
																				validate20.errors = [{
																					instancePath: instancePath + "/blends/" + i0 + "/base",
																					schemaPath: "#/properties/blends/items/properties/base/enum",
																					keyword: "enum",
																					params: { allowedValues: schema31.properties.blends.items.properties.base.enum },
																					message: "must be equal to one of the allowed values"
																				}];
																				return false;
																			}
																			var valid5 = true;
																		} else var valid5 = true;
																		if (valid5) {
																			if (data19.gumPaste !== void 0) {
																				let data23 = data19.gumPaste;
																				if (typeof data23 == "number" && isFinite(data23)) {
																					if (data23 > 100 || isNaN(data23)) {
																						validate20.errors = [{
																							instancePath: instancePath + "/blends/" + i0 + "/gumPaste",
																							schemaPath: "#/properties/blends/items/properties/gumPaste/maximum",
																							keyword: "maximum",
																							params: {
																								comparison: "<=",
																								limit: 100
																							},
																							message: "must be <= 100"
																						}];
																						return false;
																					} else if (data23 < 0 || isNaN(data23)) {
																						validate20.errors = [{
																							instancePath: instancePath + "/blends/" + i0 + "/gumPaste",
																							schemaPath: "#/properties/blends/items/properties/gumPaste/minimum",
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
																						instancePath: instancePath + "/blends/" + i0 + "/gumPaste",
																						schemaPath: "#/properties/blends/items/properties/gumPaste/type",
																						keyword: "type",
																						params: { type: "number" },
																						message: "must be number"
																					}];
																					return false;
																				}
																				var valid5 = true;
																			} else var valid5 = true;
																			if (valid5) {
																				if (data19.powder !== void 0) {
																					let data24 = data19.powder;
																					if (typeof data24 == "number" && isFinite(data24)) {
																						if (data24 > 5 || isNaN(data24)) {
																							validate20.errors = [{
																								instancePath: instancePath + "/blends/" + i0 + "/powder",
																								schemaPath: "#/properties/blends/items/properties/powder/maximum",
																								keyword: "maximum",
																								params: {
																									comparison: "<=",
																									limit: 5
																								},
																								message: "must be <= 5"
																							}];
																							return false;
																						} else if (data24 < 0 || isNaN(data24)) {
																							validate20.errors = [{
																								instancePath: instancePath + "/blends/" + i0 + "/powder",
																								schemaPath: "#/properties/blends/items/properties/powder/minimum",
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
																							instancePath: instancePath + "/blends/" + i0 + "/powder",
																							schemaPath: "#/properties/blends/items/properties/powder/type",
																							keyword: "type",
																							params: { type: "number" },
																							message: "must be number"
																						}];
																						return false;
																					}
																					var valid5 = true;
																				} else var valid5 = true;
																				if (valid5) {
																					if (data19.density !== void 0) {
																						let data25 = data19.density;
																						if (typeof data25 == "number" && isFinite(data25)) {
																							if (data25 > 1.7 || isNaN(data25)) {
																								validate20.errors = [{
																									instancePath: instancePath + "/blends/" + i0 + "/density",
																									schemaPath: "#/properties/blends/items/properties/density/maximum",
																									keyword: "maximum",
																									params: {
																										comparison: "<=",
																										limit: 1.7
																									},
																									message: "must be <= 1.7"
																								}];
																								return false;
																							} else if (data25 < .1 || isNaN(data25)) {
																								validate20.errors = [{
																									instancePath: instancePath + "/blends/" + i0 + "/density",
																									schemaPath: "#/properties/blends/items/properties/density/minimum",
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
																								instancePath: instancePath + "/blends/" + i0 + "/density",
																								schemaPath: "#/properties/blends/items/properties/density/type",
																								keyword: "type",
																								params: { type: "number" },
																								message: "must be number"
																							}];
																							return false;
																						}
																						var valid5 = true;
																					} else var valid5 = true;
																				}
																			}
																		}
																	}
																}
															}
														} else {
															validate20.errors = [{
																instancePath: instancePath + "/blends/" + i0,
																schemaPath: "#/properties/blends/items/type",
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
													instancePath: instancePath + "/blends",
													schemaPath: "#/properties/blends/type",
													keyword: "type",
													params: { type: "array" },
													message: "must be array"
												}];
												return false;
											}
											var valid0 = true;
										} else var valid0 = true;
										if (valid0) {
											if (data.colours !== void 0) {
												let data26 = data.colours;
												if (Array.isArray(data26)) {
													if (data26.length > 200) {
														validate20.errors = [{
															instancePath: instancePath + "/colours",
															schemaPath: "#/properties/colours/maxItems",
															keyword: "maxItems",
															params: { limit: 200 },
															message: "must NOT have more than 200 items"
														}];
														return false;
													} else if (data26.length < 1) {
														validate20.errors = [{
															instancePath: instancePath + "/colours",
															schemaPath: "#/properties/colours/minItems",
															keyword: "minItems",
															params: { limit: 1 },
															message: "must NOT have fewer than 1 items"
														}];
														return false;
													} else {
														const len1 = data26.length;
														for (let i1 = 0; i1 < len1; i1++) {
															let data27 = data26[i1];
															if (data27 && typeof data27 == "object" && !Array.isArray(data27)) {
																let missing5;
																if (data27.id === void 0 && (missing5 = "id") || data27.name === void 0 && (missing5 = "name") || data27.hex === void 0 && (missing5 = "hex")) {
																	validate20.errors = [{
																		instancePath: instancePath + "/colours/" + i1,
																		schemaPath: "#/properties/colours/items/required",
																		keyword: "required",
																		params: { missingProperty: missing5 },
																		message: "must have required property '" + missing5 + "'"
																	}];
																	return false;
																} else {
																	for (const key5 in data27) if (!(key5 === "id" || key5 === "name" || key5 === "hex")) {
																		validate20.errors = [{
																			instancePath: instancePath + "/colours/" + i1,
																			schemaPath: "#/properties/colours/items/additionalProperties",
																			keyword: "additionalProperties",
																			params: { additionalProperty: key5 },
																			message: "must NOT have additional properties"
																		}];
																		return false;
																	}
																	if (data27.id !== void 0) {
																		let data28 = data27.id;
																		if (typeof data28 === "string") {
																			if (!pattern5.test(data28)) {
																				validate20.errors = [{
																					instancePath: instancePath + "/colours/" + i1 + "/id",
																					schemaPath: "#/properties/colours/items/properties/id/pattern",
																					keyword: "pattern",
																					params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																					message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																				}];
																				return false;
																			}
																		} else {
																			validate20.errors = [{
																				instancePath: instancePath + "/colours/" + i1 + "/id",
																				schemaPath: "#/properties/colours/items/properties/id/type",
																				keyword: "type",
																				params: { type: "string" },
																				message: "must be string"
																			}];
																			return false;
																		}
																		var valid7 = true;
																	} else var valid7 = true;
																	if (valid7) {
																		if (data27.name !== void 0) {
																			let data29 = data27.name;
																			if (typeof data29 === "string") {
																				if (func2(data29) > 120) {
																					validate20.errors = [{
																						instancePath: instancePath + "/colours/" + i1 + "/name",
																						schemaPath: "#/properties/colours/items/properties/name/maxLength",
																						keyword: "maxLength",
																						params: { limit: 120 },
																						message: "must NOT have more than 120 characters"
																					}];
																					return false;
																				} else if (func2(data29) < 1) {
																					validate20.errors = [{
																						instancePath: instancePath + "/colours/" + i1 + "/name",
																						schemaPath: "#/properties/colours/items/properties/name/minLength",
																						keyword: "minLength",
																						params: { limit: 1 },
																						message: "must NOT have fewer than 1 characters"
																					}];
																					return false;
																				}
																			} else {
																				validate20.errors = [{
																					instancePath: instancePath + "/colours/" + i1 + "/name",
																					schemaPath: "#/properties/colours/items/properties/name/type",
																					keyword: "type",
																					params: { type: "string" },
																					message: "must be string"
																				}];
																				return false;
																			}
																			var valid7 = true;
																		} else var valid7 = true;
																		if (valid7) {
																			if (data27.hex !== void 0) {
																				let data30 = data27.hex;
																				if (typeof data30 === "string") {
																					if (!pattern7.test(data30)) {
																						validate20.errors = [{
																							instancePath: instancePath + "/colours/" + i1 + "/hex",
																							schemaPath: "#/properties/colours/items/properties/hex/pattern",
																							keyword: "pattern",
																							params: { pattern: "^#[0-9a-fA-F]{6}$" },
																							message: "must match pattern \"^#[0-9a-fA-F]{6}$\""
																						}];
																						return false;
																					}
																				} else {
																					validate20.errors = [{
																						instancePath: instancePath + "/colours/" + i1 + "/hex",
																						schemaPath: "#/properties/colours/items/properties/hex/type",
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
																	instancePath: instancePath + "/colours/" + i1,
																	schemaPath: "#/properties/colours/items/type",
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
														instancePath: instancePath + "/colours",
														schemaPath: "#/properties/colours/type",
														keyword: "type",
														params: { type: "array" },
														message: "must be array"
													}];
													return false;
												}
												var valid0 = true;
											} else var valid0 = true;
											if (valid0) {
												if (data.pieces !== void 0) {
													let data31 = data.pieces;
													if (Array.isArray(data31)) {
														if (data31.length > 600) {
															validate20.errors = [{
																instancePath: instancePath + "/pieces",
																schemaPath: "#/properties/pieces/maxItems",
																keyword: "maxItems",
																params: { limit: 600 },
																message: "must NOT have more than 600 items"
															}];
															return false;
														} else if (data31.length < 0) {
															validate20.errors = [{
																instancePath: instancePath + "/pieces",
																schemaPath: "#/properties/pieces/minItems",
																keyword: "minItems",
																params: { limit: 0 },
																message: "must NOT have fewer than 0 items"
															}];
															return false;
														} else {
															const len2 = data31.length;
															for (let i2 = 0; i2 < len2; i2++) {
																let data32 = data31[i2];
																if (data32 && typeof data32 == "object" && !Array.isArray(data32)) {
																	let missing6;
																	if (data32.id === void 0 && (missing6 = "id") || data32.name === void 0 && (missing6 = "name") || data32.form === void 0 && (missing6 = "form") || data32.blend === void 0 && (missing6 = "blend") || data32.colour === void 0 && (missing6 = "colour") || data32.seat === void 0 && (missing6 = "seat") || data32.pair === void 0 && (missing6 = "pair") || data32.count === void 0 && (missing6 = "count") || data32.texture === void 0 && (missing6 = "texture") || data32.core === void 0 && (missing6 = "core") || data32.tolerance === void 0 && (missing6 = "tolerance") || data32.hidden === void 0 && (missing6 = "hidden")) {
																		validate20.errors = [{
																			instancePath: instancePath + "/pieces/" + i2,
																			schemaPath: "#/properties/pieces/items/required",
																			keyword: "required",
																			params: { missingProperty: missing6 },
																			message: "must have required property '" + missing6 + "'"
																		}];
																		return false;
																	} else {
																		for (const key6 in data32) if (!func1.call(schema31.properties.pieces.items.properties, key6)) {
																			validate20.errors = [{
																				instancePath: instancePath + "/pieces/" + i2,
																				schemaPath: "#/properties/pieces/items/additionalProperties",
																				keyword: "additionalProperties",
																				params: { additionalProperty: key6 },
																				message: "must NOT have additional properties"
																			}];
																			return false;
																		}
																		if (data32.id !== void 0) {
																			let data33 = data32.id;
																			if (typeof data33 === "string") {
																				if (!pattern5.test(data33)) {
																					validate20.errors = [{
																						instancePath: instancePath + "/pieces/" + i2 + "/id",
																						schemaPath: "#/properties/pieces/items/properties/id/pattern",
																						keyword: "pattern",
																						params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																						message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																					}];
																					return false;
																				}
																			} else {
																				validate20.errors = [{
																					instancePath: instancePath + "/pieces/" + i2 + "/id",
																					schemaPath: "#/properties/pieces/items/properties/id/type",
																					keyword: "type",
																					params: { type: "string" },
																					message: "must be string"
																				}];
																				return false;
																			}
																			var valid9 = true;
																		} else var valid9 = true;
																		if (valid9) {
																			if (data32.name !== void 0) {
																				let data34 = data32.name;
																				if (typeof data34 === "string") {
																					if (func2(data34) > 120) {
																						validate20.errors = [{
																							instancePath: instancePath + "/pieces/" + i2 + "/name",
																							schemaPath: "#/properties/pieces/items/properties/name/maxLength",
																							keyword: "maxLength",
																							params: { limit: 120 },
																							message: "must NOT have more than 120 characters"
																						}];
																						return false;
																					} else if (func2(data34) < 1) {
																						validate20.errors = [{
																							instancePath: instancePath + "/pieces/" + i2 + "/name",
																							schemaPath: "#/properties/pieces/items/properties/name/minLength",
																							keyword: "minLength",
																							params: { limit: 1 },
																							message: "must NOT have fewer than 1 characters"
																						}];
																						return false;
																					}
																				} else {
																					validate20.errors = [{
																						instancePath: instancePath + "/pieces/" + i2 + "/name",
																						schemaPath: "#/properties/pieces/items/properties/name/type",
																						keyword: "type",
																						params: { type: "string" },
																						message: "must be string"
																					}];
																					return false;
																				}
																				var valid9 = true;
																			} else var valid9 = true;
																			if (valid9) {
																				if (data32.form !== void 0) {
																					let data35 = data32.form;
																					if (data35 && typeof data35 == "object" && !Array.isArray(data35)) {
																						let missing7;
																						if (data35.kind === void 0 && (missing7 = "kind") || data35.sizes === void 0 && (missing7 = "sizes")) {
																							validate20.errors = [{
																								instancePath: instancePath + "/pieces/" + i2 + "/form",
																								schemaPath: "#/properties/pieces/items/properties/form/required",
																								keyword: "required",
																								params: { missingProperty: missing7 },
																								message: "must have required property '" + missing7 + "'"
																							}];
																							return false;
																						} else {
																							for (const key7 in data35) if (!(key7 === "kind" || key7 === "sizes" || key7 === "outline" || key7 === "curves" || key7 === "coat" || key7 === "solid")) {
																								validate20.errors = [{
																									instancePath: instancePath + "/pieces/" + i2 + "/form",
																									schemaPath: "#/properties/pieces/items/properties/form/additionalProperties",
																									keyword: "additionalProperties",
																									params: { additionalProperty: key7 },
																									message: "must NOT have additional properties"
																								}];
																								return false;
																							}
																							if (data35.kind !== void 0) {
																								let data36 = data35.kind;
																								if (typeof data36 !== "string") {
																									validate20.errors = [{
																										instancePath: instancePath + "/pieces/" + i2 + "/form/kind",
																										schemaPath: "#/properties/pieces/items/properties/form/properties/kind/type",
																										keyword: "type",
																										params: { type: "string" },
																										message: "must be string"
																									}];
																									return false;
																								}
																								if (!(data36 === "ball" || data36 === "ellipsoid" || data36 === "egg" || data36 === "teardrop" || data36 === "cone" || data36 === "truncatedCone" || data36 === "dome" || data36 === "disc" || data36 === "roundedBlock" || data36 === "rope" || data36 === "taperedRope" || data36 === "skinOverBall" || data36 === "bentRope" || data36 === "ring" || data36 === "paddleHand" || data36 === "sheet" || data36 === "strip" || data36 === "ruffle" || data36 === "flounce" || data36 === "scales" || data36 === "strands" || data36 === "pearls" || data36 === "stitches" || data36 === "lathe" || data36 === "traced" || data36 === "imported")) {
																									validate20.errors = [{
																										instancePath: instancePath + "/pieces/" + i2 + "/form/kind",
																										schemaPath: "#/properties/pieces/items/properties/form/properties/kind/enum",
																										keyword: "enum",
																										params: { allowedValues: schema31.properties.pieces.items.properties.form.properties.kind.enum },
																										message: "must be equal to one of the allowed values"
																									}];
																									return false;
																								}
																								var valid10 = true;
																							} else var valid10 = true;
																							if (valid10) {
																								if (data35.sizes !== void 0) {
																									let data37 = data35.sizes;
																									if (data37 && typeof data37 == "object" && !Array.isArray(data37)) {
																										if (Object.keys(data37).length > 12) {
																											validate20.errors = [{
																												instancePath: instancePath + "/pieces/" + i2 + "/form/sizes",
																												schemaPath: "#/properties/pieces/items/properties/form/properties/sizes/maxProperties",
																												keyword: "maxProperties",
																												params: { limit: 12 },
																												message: "must NOT have more than 12 properties"
																											}];
																											return false;
																										} else for (const key8 in data37) {
																											let data38 = data37[key8];
																											if (!(typeof data38 == "number" && isFinite(data38))) {
																												validate20.errors = [{
																													instancePath: instancePath + "/pieces/" + i2 + "/form/sizes/" + key8.replace(/~/g, "~0").replace(/\//g, "~1"),
																													schemaPath: "#/properties/pieces/items/properties/form/properties/sizes/additionalProperties/type",
																													keyword: "type",
																													params: { type: "number" },
																													message: "must be number"
																												}];
																												return false;
																											}
																										}
																									} else {
																										validate20.errors = [{
																											instancePath: instancePath + "/pieces/" + i2 + "/form/sizes",
																											schemaPath: "#/properties/pieces/items/properties/form/properties/sizes/type",
																											keyword: "type",
																											params: { type: "object" },
																											message: "must be object"
																										}];
																										return false;
																									}
																									var valid10 = true;
																								} else var valid10 = true;
																								if (valid10) {
																									if (data35.outline !== void 0) {
																										let data39 = data35.outline;
																										if (typeof data39 !== "string") {
																											validate20.errors = [{
																												instancePath: instancePath + "/pieces/" + i2 + "/form/outline",
																												schemaPath: "#/properties/pieces/items/properties/form/properties/outline/type",
																												keyword: "type",
																												params: { type: "string" },
																												message: "must be string"
																											}];
																											return false;
																										}
																										if (!(data39 === "rectangle" || data39 === "oval" || data39 === "leaf" || data39 === "triangle" || data39 === "wedge" || data39 === "heart")) {
																											validate20.errors = [{
																												instancePath: instancePath + "/pieces/" + i2 + "/form/outline",
																												schemaPath: "#/properties/pieces/items/properties/form/properties/outline/enum",
																												keyword: "enum",
																												params: { allowedValues: schema31.properties.pieces.items.properties.form.properties.outline.enum },
																												message: "must be equal to one of the allowed values"
																											}];
																											return false;
																										}
																										var valid10 = true;
																									} else var valid10 = true;
																									if (valid10) {
																										if (data35.curves !== void 0) {
																											let data40 = data35.curves;
																											if (data40 && typeof data40 == "object" && !Array.isArray(data40)) {
																												for (const key9 in data40) if (!pattern9.test(key9)) {
																													validate20.errors = [{
																														instancePath: instancePath + "/pieces/" + i2 + "/form/curves",
																														schemaPath: "#/properties/pieces/items/properties/form/properties/curves/additionalProperties",
																														keyword: "additionalProperties",
																														params: { additionalProperty: key9 },
																														message: "must NOT have additional properties"
																													}];
																													return false;
																												}
																												for (const key10 in data40) if (pattern9.test(key10)) {
																													let data41 = data40[key10];
																													if (Array.isArray(data41)) {
																														if (data41.length > 200) {
																															validate20.errors = [{
																																instancePath: instancePath + "/pieces/" + i2 + "/form/curves/" + key10.replace(/~/g, "~0").replace(/\//g, "~1"),
																																schemaPath: "#/properties/pieces/items/properties/form/properties/curves/patternProperties/%5E(edge%7Cfront%7Cside%7Cprofile%7Chole%5B1-9%5D)%24/maxItems",
																																keyword: "maxItems",
																																params: { limit: 200 },
																																message: "must NOT have more than 200 items"
																															}];
																															return false;
																														} else if (data41.length < 2) {
																															validate20.errors = [{
																																instancePath: instancePath + "/pieces/" + i2 + "/form/curves/" + key10.replace(/~/g, "~0").replace(/\//g, "~1"),
																																schemaPath: "#/properties/pieces/items/properties/form/properties/curves/patternProperties/%5E(edge%7Cfront%7Cside%7Cprofile%7Chole%5B1-9%5D)%24/minItems",
																																keyword: "minItems",
																																params: { limit: 2 },
																																message: "must NOT have fewer than 2 items"
																															}];
																															return false;
																														} else {
																															const len3 = data41.length;
																															for (let i3 = 0; i3 < len3; i3++) {
																																let data42 = data41[i3];
																																if (Array.isArray(data42)) {
																																	if (data42.length > 3) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/pieces/" + i2 + "/form/curves/" + key10.replace(/~/g, "~0").replace(/\//g, "~1") + "/" + i3,
																																			schemaPath: "#/properties/pieces/items/properties/form/properties/curves/patternProperties/%5E(edge%7Cfront%7Cside%7Cprofile%7Chole%5B1-9%5D)%24/items/maxItems",
																																			keyword: "maxItems",
																																			params: { limit: 3 },
																																			message: "must NOT have more than 3 items"
																																		}];
																																		return false;
																																	} else if (data42.length < 2) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/pieces/" + i2 + "/form/curves/" + key10.replace(/~/g, "~0").replace(/\//g, "~1") + "/" + i3,
																																			schemaPath: "#/properties/pieces/items/properties/form/properties/curves/patternProperties/%5E(edge%7Cfront%7Cside%7Cprofile%7Chole%5B1-9%5D)%24/items/minItems",
																																			keyword: "minItems",
																																			params: { limit: 2 },
																																			message: "must NOT have fewer than 2 items"
																																		}];
																																		return false;
																																	} else {
																																		const len4 = data42.length;
																																		for (let i4 = 0; i4 < len4; i4++) {
																																			let data43 = data42[i4];
																																			if (typeof data43 == "number" && isFinite(data43)) {
																																				if (data43 > 4 || isNaN(data43)) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/pieces/" + i2 + "/form/curves/" + key10.replace(/~/g, "~0").replace(/\//g, "~1") + "/" + i3 + "/" + i4,
																																						schemaPath: "#/properties/pieces/items/properties/form/properties/curves/patternProperties/%5E(edge%7Cfront%7Cside%7Cprofile%7Chole%5B1-9%5D)%24/items/items/maximum",
																																						keyword: "maximum",
																																						params: {
																																							comparison: "<=",
																																							limit: 4
																																						},
																																						message: "must be <= 4"
																																					}];
																																					return false;
																																				} else if (data43 < -4 || isNaN(data43)) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/pieces/" + i2 + "/form/curves/" + key10.replace(/~/g, "~0").replace(/\//g, "~1") + "/" + i3 + "/" + i4,
																																						schemaPath: "#/properties/pieces/items/properties/form/properties/curves/patternProperties/%5E(edge%7Cfront%7Cside%7Cprofile%7Chole%5B1-9%5D)%24/items/items/minimum",
																																						keyword: "minimum",
																																						params: {
																																							comparison: ">=",
																																							limit: -4
																																						},
																																						message: "must be >= -4"
																																					}];
																																					return false;
																																				}
																																			} else {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/pieces/" + i2 + "/form/curves/" + key10.replace(/~/g, "~0").replace(/\//g, "~1") + "/" + i3 + "/" + i4,
																																					schemaPath: "#/properties/pieces/items/properties/form/properties/curves/patternProperties/%5E(edge%7Cfront%7Cside%7Cprofile%7Chole%5B1-9%5D)%24/items/items/type",
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
																																		instancePath: instancePath + "/pieces/" + i2 + "/form/curves/" + key10.replace(/~/g, "~0").replace(/\//g, "~1") + "/" + i3,
																																		schemaPath: "#/properties/pieces/items/properties/form/properties/curves/patternProperties/%5E(edge%7Cfront%7Cside%7Cprofile%7Chole%5B1-9%5D)%24/items/type",
																																		keyword: "type",
																																		params: { type: "array" },
																																		message: "must be array"
																																	}];
																																	return false;
																																}
																															}
																														}
																													} else {
																														validate20.errors = [{
																															instancePath: instancePath + "/pieces/" + i2 + "/form/curves/" + key10.replace(/~/g, "~0").replace(/\//g, "~1"),
																															schemaPath: "#/properties/pieces/items/properties/form/properties/curves/patternProperties/%5E(edge%7Cfront%7Cside%7Cprofile%7Chole%5B1-9%5D)%24/type",
																															keyword: "type",
																															params: { type: "array" },
																															message: "must be array"
																														}];
																														return false;
																													}
																												}
																											} else {
																												validate20.errors = [{
																													instancePath: instancePath + "/pieces/" + i2 + "/form/curves",
																													schemaPath: "#/properties/pieces/items/properties/form/properties/curves/type",
																													keyword: "type",
																													params: { type: "object" },
																													message: "must be object"
																												}];
																												return false;
																											}
																											var valid10 = true;
																										} else var valid10 = true;
																										if (valid10) {
																											if (data35.coat !== void 0) {
																												let data44 = data35.coat;
																												if (data44 && typeof data44 == "object" && !Array.isArray(data44)) {
																													let missing8;
																													if (data44.thickness === void 0 && (missing8 = "thickness") || data44.under === void 0 && (missing8 = "under")) {
																														validate20.errors = [{
																															instancePath: instancePath + "/pieces/" + i2 + "/form/coat",
																															schemaPath: "#/properties/pieces/items/properties/form/properties/coat/required",
																															keyword: "required",
																															params: { missingProperty: missing8 },
																															message: "must have required property '" + missing8 + "'"
																														}];
																														return false;
																													} else {
																														for (const key11 in data44) if (!(key11 === "thickness" || key11 === "under")) {
																															validate20.errors = [{
																																instancePath: instancePath + "/pieces/" + i2 + "/form/coat",
																																schemaPath: "#/properties/pieces/items/properties/form/properties/coat/additionalProperties",
																																keyword: "additionalProperties",
																																params: { additionalProperty: key11 },
																																message: "must NOT have additional properties"
																															}];
																															return false;
																														}
																														if (data44.thickness !== void 0) {
																															let data45 = data44.thickness;
																															if (typeof data45 == "number" && isFinite(data45)) {
																																if (data45 > 100 || isNaN(data45)) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/pieces/" + i2 + "/form/coat/thickness",
																																		schemaPath: "#/properties/pieces/items/properties/form/properties/coat/properties/thickness/maximum",
																																		keyword: "maximum",
																																		params: {
																																			comparison: "<=",
																																			limit: 100
																																		},
																																		message: "must be <= 100"
																																	}];
																																	return false;
																																} else if (data45 < .1 || isNaN(data45)) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/pieces/" + i2 + "/form/coat/thickness",
																																		schemaPath: "#/properties/pieces/items/properties/form/properties/coat/properties/thickness/minimum",
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
																																	instancePath: instancePath + "/pieces/" + i2 + "/form/coat/thickness",
																																	schemaPath: "#/properties/pieces/items/properties/form/properties/coat/properties/thickness/type",
																																	keyword: "type",
																																	params: { type: "number" },
																																	message: "must be number"
																																}];
																																return false;
																															}
																															var valid15 = true;
																														} else var valid15 = true;
																														if (valid15) {
																															if (data44.under !== void 0) {
																																if (typeof data44.under !== "boolean") {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/pieces/" + i2 + "/form/coat/under",
																																		schemaPath: "#/properties/pieces/items/properties/form/properties/coat/properties/under/type",
																																		keyword: "type",
																																		params: { type: "boolean" },
																																		message: "must be boolean"
																																	}];
																																	return false;
																																}
																																var valid15 = true;
																															} else var valid15 = true;
																														}
																													}
																												} else {
																													validate20.errors = [{
																														instancePath: instancePath + "/pieces/" + i2 + "/form/coat",
																														schemaPath: "#/properties/pieces/items/properties/form/properties/coat/type",
																														keyword: "type",
																														params: { type: "object" },
																														message: "must be object"
																													}];
																													return false;
																												}
																												var valid10 = true;
																											} else var valid10 = true;
																											if (valid10) {
																												if (data35.solid !== void 0) {
																													let data47 = data35.solid;
																													if (data47 && typeof data47 == "object" && !Array.isArray(data47)) {
																														let missing9;
																														if (data47.name === void 0 && (missing9 = "name") || data47.corners === void 0 && (missing9 = "corners") || data47.faces === void 0 && (missing9 = "faces") || data47.fills === void 0 && (missing9 = "fills") || data47.centre === void 0 && (missing9 = "centre") || data47.watertight === void 0 && (missing9 = "watertight")) {
																															validate20.errors = [{
																																instancePath: instancePath + "/pieces/" + i2 + "/form/solid",
																																schemaPath: "#/properties/pieces/items/properties/form/properties/solid/required",
																																keyword: "required",
																																params: { missingProperty: missing9 },
																																message: "must have required property '" + missing9 + "'"
																															}];
																															return false;
																														} else {
																															for (const key12 in data47) if (!(key12 === "name" || key12 === "corners" || key12 === "faces" || key12 === "fills" || key12 === "centre" || key12 === "watertight")) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/pieces/" + i2 + "/form/solid",
																																	schemaPath: "#/properties/pieces/items/properties/form/properties/solid/additionalProperties",
																																	keyword: "additionalProperties",
																																	params: { additionalProperty: key12 },
																																	message: "must NOT have additional properties"
																																}];
																																return false;
																															}
																															if (data47.name !== void 0) {
																																let data48 = data47.name;
																																if (typeof data48 === "string") {
																																	if (func2(data48) > 120) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/pieces/" + i2 + "/form/solid/name",
																																			schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/name/maxLength",
																																			keyword: "maxLength",
																																			params: { limit: 120 },
																																			message: "must NOT have more than 120 characters"
																																		}];
																																		return false;
																																	} else if (func2(data48) < 1) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/pieces/" + i2 + "/form/solid/name",
																																			schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/name/minLength",
																																			keyword: "minLength",
																																			params: { limit: 1 },
																																			message: "must NOT have fewer than 1 characters"
																																		}];
																																		return false;
																																	}
																																} else {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/pieces/" + i2 + "/form/solid/name",
																																		schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/name/type",
																																		keyword: "type",
																																		params: { type: "string" },
																																		message: "must be string"
																																	}];
																																	return false;
																																}
																																var valid16 = true;
																															} else var valid16 = true;
																															if (valid16) {
																																if (data47.corners !== void 0) {
																																	let data49 = data47.corners;
																																	if (Array.isArray(data49)) {
																																		if (data49.length > 6e4) {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/pieces/" + i2 + "/form/solid/corners",
																																				schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/corners/maxItems",
																																				keyword: "maxItems",
																																				params: { limit: 6e4 },
																																				message: "must NOT have more than 60000 items"
																																			}];
																																			return false;
																																		} else if (data49.length < 12) {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/pieces/" + i2 + "/form/solid/corners",
																																				schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/corners/minItems",
																																				keyword: "minItems",
																																				params: { limit: 12 },
																																				message: "must NOT have fewer than 12 items"
																																			}];
																																			return false;
																																		} else {
																																			const len5 = data49.length;
																																			for (let i5 = 0; i5 < len5; i5++) {
																																				let data50 = data49[i5];
																																				if (!(typeof data50 == "number" && !(data50 % 1) && !isNaN(data50) && isFinite(data50))) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/pieces/" + i2 + "/form/solid/corners/" + i5,
																																						schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/corners/items/type",
																																						keyword: "type",
																																						params: { type: "integer" },
																																						message: "must be integer"
																																					}];
																																					return false;
																																				}
																																				if (typeof data50 == "number" && isFinite(data50)) {
																																					if (data50 > 1e4 || isNaN(data50)) {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/pieces/" + i2 + "/form/solid/corners/" + i5,
																																							schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/corners/items/maximum",
																																							keyword: "maximum",
																																							params: {
																																								comparison: "<=",
																																								limit: 1e4
																																							},
																																							message: "must be <= 10000"
																																						}];
																																						return false;
																																					} else if (data50 < 0 || isNaN(data50)) {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/pieces/" + i2 + "/form/solid/corners/" + i5,
																																							schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/corners/items/minimum",
																																							keyword: "minimum",
																																							params: {
																																								comparison: ">=",
																																								limit: 0
																																							},
																																							message: "must be >= 0"
																																						}];
																																						return false;
																																					}
																																				}
																																			}
																																		}
																																	} else {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/pieces/" + i2 + "/form/solid/corners",
																																			schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/corners/type",
																																			keyword: "type",
																																			params: { type: "array" },
																																			message: "must be array"
																																		}];
																																		return false;
																																	}
																																	var valid16 = true;
																																} else var valid16 = true;
																																if (valid16) {
																																	if (data47.faces !== void 0) {
																																		let data51 = data47.faces;
																																		if (Array.isArray(data51)) {
																																			if (data51.length > 6e4) {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/pieces/" + i2 + "/form/solid/faces",
																																					schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/faces/maxItems",
																																					keyword: "maxItems",
																																					params: { limit: 6e4 },
																																					message: "must NOT have more than 60000 items"
																																				}];
																																				return false;
																																			} else if (data51.length < 12) {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/pieces/" + i2 + "/form/solid/faces",
																																					schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/faces/minItems",
																																					keyword: "minItems",
																																					params: { limit: 12 },
																																					message: "must NOT have fewer than 12 items"
																																				}];
																																				return false;
																																			} else {
																																				const len6 = data51.length;
																																				for (let i6 = 0; i6 < len6; i6++) {
																																					let data52 = data51[i6];
																																					if (!(typeof data52 == "number" && !(data52 % 1) && !isNaN(data52) && isFinite(data52))) {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/pieces/" + i2 + "/form/solid/faces/" + i6,
																																							schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/faces/items/type",
																																							keyword: "type",
																																							params: { type: "integer" },
																																							message: "must be integer"
																																						}];
																																						return false;
																																					}
																																					if (typeof data52 == "number" && isFinite(data52)) {
																																						if (data52 > 2e4 || isNaN(data52)) {
																																							validate20.errors = [{
																																								instancePath: instancePath + "/pieces/" + i2 + "/form/solid/faces/" + i6,
																																								schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/faces/items/maximum",
																																								keyword: "maximum",
																																								params: {
																																									comparison: "<=",
																																									limit: 2e4
																																								},
																																								message: "must be <= 20000"
																																							}];
																																							return false;
																																						} else if (data52 < 0 || isNaN(data52)) {
																																							validate20.errors = [{
																																								instancePath: instancePath + "/pieces/" + i2 + "/form/solid/faces/" + i6,
																																								schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/faces/items/minimum",
																																								keyword: "minimum",
																																								params: {
																																									comparison: ">=",
																																									limit: 0
																																								},
																																								message: "must be >= 0"
																																							}];
																																							return false;
																																						}
																																					}
																																				}
																																			}
																																		} else {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/pieces/" + i2 + "/form/solid/faces",
																																				schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/faces/type",
																																				keyword: "type",
																																				params: { type: "array" },
																																				message: "must be array"
																																			}];
																																			return false;
																																		}
																																		var valid16 = true;
																																	} else var valid16 = true;
																																	if (valid16) {
																																		if (data47.fills !== void 0) {
																																			let data53 = data47.fills;
																																			if (typeof data53 == "number" && isFinite(data53)) {
																																				if (data53 > 1 || isNaN(data53)) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/pieces/" + i2 + "/form/solid/fills",
																																						schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/fills/maximum",
																																						keyword: "maximum",
																																						params: {
																																							comparison: "<=",
																																							limit: 1
																																						},
																																						message: "must be <= 1"
																																					}];
																																					return false;
																																				} else if (data53 < 0 || isNaN(data53)) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/pieces/" + i2 + "/form/solid/fills",
																																						schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/fills/minimum",
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
																																					instancePath: instancePath + "/pieces/" + i2 + "/form/solid/fills",
																																					schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/fills/type",
																																					keyword: "type",
																																					params: { type: "number" },
																																					message: "must be number"
																																				}];
																																				return false;
																																			}
																																			var valid16 = true;
																																		} else var valid16 = true;
																																		if (valid16) {
																																			if (data47.centre !== void 0) {
																																				let data54 = data47.centre;
																																				if (Array.isArray(data54)) {
																																					if (data54.length > 3) {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/pieces/" + i2 + "/form/solid/centre",
																																							schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/centre/maxItems",
																																							keyword: "maxItems",
																																							params: { limit: 3 },
																																							message: "must NOT have more than 3 items"
																																						}];
																																						return false;
																																					} else if (data54.length < 3) {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/pieces/" + i2 + "/form/solid/centre",
																																							schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/centre/minItems",
																																							keyword: "minItems",
																																							params: { limit: 3 },
																																							message: "must NOT have fewer than 3 items"
																																						}];
																																						return false;
																																					} else {
																																						const len7 = data54.length;
																																						for (let i7 = 0; i7 < len7; i7++) {
																																							let data55 = data54[i7];
																																							if (typeof data55 == "number" && isFinite(data55)) {
																																								if (data55 > 2 || isNaN(data55)) {
																																									validate20.errors = [{
																																										instancePath: instancePath + "/pieces/" + i2 + "/form/solid/centre/" + i7,
																																										schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/centre/items/maximum",
																																										keyword: "maximum",
																																										params: {
																																											comparison: "<=",
																																											limit: 2
																																										},
																																										message: "must be <= 2"
																																									}];
																																									return false;
																																								} else if (data55 < -1 || isNaN(data55)) {
																																									validate20.errors = [{
																																										instancePath: instancePath + "/pieces/" + i2 + "/form/solid/centre/" + i7,
																																										schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/centre/items/minimum",
																																										keyword: "minimum",
																																										params: {
																																											comparison: ">=",
																																											limit: -1
																																										},
																																										message: "must be >= -1"
																																									}];
																																									return false;
																																								}
																																							} else {
																																								validate20.errors = [{
																																									instancePath: instancePath + "/pieces/" + i2 + "/form/solid/centre/" + i7,
																																									schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/centre/items/type",
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
																																						instancePath: instancePath + "/pieces/" + i2 + "/form/solid/centre",
																																						schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/centre/type",
																																						keyword: "type",
																																						params: { type: "array" },
																																						message: "must be array"
																																					}];
																																					return false;
																																				}
																																				var valid16 = true;
																																			} else var valid16 = true;
																																			if (valid16) {
																																				if (data47.watertight !== void 0) {
																																					if (typeof data47.watertight !== "boolean") {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/pieces/" + i2 + "/form/solid/watertight",
																																							schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/watertight/type",
																																							keyword: "type",
																																							params: { type: "boolean" },
																																							message: "must be boolean"
																																						}];
																																						return false;
																																					}
																																					var valid16 = true;
																																				} else var valid16 = true;
																																			}
																																		}
																																	}
																																}
																															}
																														}
																													} else {
																														validate20.errors = [{
																															instancePath: instancePath + "/pieces/" + i2 + "/form/solid",
																															schemaPath: "#/properties/pieces/items/properties/form/properties/solid/type",
																															keyword: "type",
																															params: { type: "object" },
																															message: "must be object"
																														}];
																														return false;
																													}
																													var valid10 = true;
																												} else var valid10 = true;
																											}
																										}
																									}
																								}
																							}
																						}
																					} else {
																						validate20.errors = [{
																							instancePath: instancePath + "/pieces/" + i2 + "/form",
																							schemaPath: "#/properties/pieces/items/properties/form/type",
																							keyword: "type",
																							params: { type: "object" },
																							message: "must be object"
																						}];
																						return false;
																					}
																					var valid9 = true;
																				} else var valid9 = true;
																				if (valid9) {
																					if (data32.blend !== void 0) {
																						let data57 = data32.blend;
																						if (typeof data57 === "string") {
																							if (!pattern5.test(data57)) {
																								validate20.errors = [{
																									instancePath: instancePath + "/pieces/" + i2 + "/blend",
																									schemaPath: "#/properties/pieces/items/properties/blend/pattern",
																									keyword: "pattern",
																									params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																									message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																								}];
																								return false;
																							}
																						} else {
																							validate20.errors = [{
																								instancePath: instancePath + "/pieces/" + i2 + "/blend",
																								schemaPath: "#/properties/pieces/items/properties/blend/type",
																								keyword: "type",
																								params: { type: "string" },
																								message: "must be string"
																							}];
																							return false;
																						}
																						var valid9 = true;
																					} else var valid9 = true;
																					if (valid9) {
																						if (data32.colour !== void 0) {
																							let data58 = data32.colour;
																							if (typeof data58 === "string") {
																								if (!pattern5.test(data58)) {
																									validate20.errors = [{
																										instancePath: instancePath + "/pieces/" + i2 + "/colour",
																										schemaPath: "#/properties/pieces/items/properties/colour/pattern",
																										keyword: "pattern",
																										params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																										message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																									}];
																									return false;
																								}
																							} else {
																								validate20.errors = [{
																									instancePath: instancePath + "/pieces/" + i2 + "/colour",
																									schemaPath: "#/properties/pieces/items/properties/colour/type",
																									keyword: "type",
																									params: { type: "string" },
																									message: "must be string"
																								}];
																								return false;
																							}
																							var valid9 = true;
																						} else var valid9 = true;
																						if (valid9) {
																							if (data32.seat !== void 0) {
																								let data59 = data32.seat;
																								if (data59 && typeof data59 == "object" && !Array.isArray(data59)) {
																									let missing10;
																									if (data59.on === void 0 && (missing10 = "on") || data59.at === void 0 && (missing10 = "at") || data59.lean === void 0 && (missing10 = "lean") || data59.tip === void 0 && (missing10 = "tip") || data59.turn === void 0 && (missing10 = "turn") || data59.sink === void 0 && (missing10 = "sink") || data59.how === void 0 && (missing10 = "how") || data59.overlap === void 0 && (missing10 = "overlap")) {
																										validate20.errors = [{
																											instancePath: instancePath + "/pieces/" + i2 + "/seat",
																											schemaPath: "#/properties/pieces/items/properties/seat/required",
																											keyword: "required",
																											params: { missingProperty: missing10 },
																											message: "must have required property '" + missing10 + "'"
																										}];
																										return false;
																									} else {
																										for (const key13 in data59) if (!(key13 === "on" || key13 === "at" || key13 === "lean" || key13 === "tip" || key13 === "turn" || key13 === "sink" || key13 === "how" || key13 === "overlap")) {
																											validate20.errors = [{
																												instancePath: instancePath + "/pieces/" + i2 + "/seat",
																												schemaPath: "#/properties/pieces/items/properties/seat/additionalProperties",
																												keyword: "additionalProperties",
																												params: { additionalProperty: key13 },
																												message: "must NOT have additional properties"
																											}];
																											return false;
																										}
																										if (data59.on !== void 0) {
																											let data60 = data59.on;
																											if (typeof data60 === "string") {
																												if (!pattern5.test(data60)) {
																													validate20.errors = [{
																														instancePath: instancePath + "/pieces/" + i2 + "/seat/on",
																														schemaPath: "#/properties/pieces/items/properties/seat/properties/on/pattern",
																														keyword: "pattern",
																														params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																														message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																													}];
																													return false;
																												}
																											} else {
																												validate20.errors = [{
																													instancePath: instancePath + "/pieces/" + i2 + "/seat/on",
																													schemaPath: "#/properties/pieces/items/properties/seat/properties/on/type",
																													keyword: "type",
																													params: { type: "string" },
																													message: "must be string"
																												}];
																												return false;
																											}
																											var valid20 = true;
																										} else var valid20 = true;
																										if (valid20) {
																											if (data59.at !== void 0) {
																												let data61 = data59.at;
																												if (Array.isArray(data61)) {
																													if (data61.length > 3) {
																														validate20.errors = [{
																															instancePath: instancePath + "/pieces/" + i2 + "/seat/at",
																															schemaPath: "#/properties/pieces/items/properties/seat/properties/at/maxItems",
																															keyword: "maxItems",
																															params: { limit: 3 },
																															message: "must NOT have more than 3 items"
																														}];
																														return false;
																													} else if (data61.length < 3) {
																														validate20.errors = [{
																															instancePath: instancePath + "/pieces/" + i2 + "/seat/at",
																															schemaPath: "#/properties/pieces/items/properties/seat/properties/at/minItems",
																															keyword: "minItems",
																															params: { limit: 3 },
																															message: "must NOT have fewer than 3 items"
																														}];
																														return false;
																													} else {
																														const len8 = data61.length;
																														for (let i8 = 0; i8 < len8; i8++) {
																															let data62 = data61[i8];
																															if (typeof data62 == "number" && isFinite(data62)) {
																																if (data62 > 3e3 || isNaN(data62)) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/pieces/" + i2 + "/seat/at/" + i8,
																																		schemaPath: "#/properties/pieces/items/properties/seat/properties/at/items/maximum",
																																		keyword: "maximum",
																																		params: {
																																			comparison: "<=",
																																			limit: 3e3
																																		},
																																		message: "must be <= 3000"
																																	}];
																																	return false;
																																} else if (data62 < -3e3 || isNaN(data62)) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/pieces/" + i2 + "/seat/at/" + i8,
																																		schemaPath: "#/properties/pieces/items/properties/seat/properties/at/items/minimum",
																																		keyword: "minimum",
																																		params: {
																																			comparison: ">=",
																																			limit: -3e3
																																		},
																																		message: "must be >= -3000"
																																	}];
																																	return false;
																																}
																															} else {
																																validate20.errors = [{
																																	instancePath: instancePath + "/pieces/" + i2 + "/seat/at/" + i8,
																																	schemaPath: "#/properties/pieces/items/properties/seat/properties/at/items/type",
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
																														instancePath: instancePath + "/pieces/" + i2 + "/seat/at",
																														schemaPath: "#/properties/pieces/items/properties/seat/properties/at/type",
																														keyword: "type",
																														params: { type: "array" },
																														message: "must be array"
																													}];
																													return false;
																												}
																												var valid20 = true;
																											} else var valid20 = true;
																											if (valid20) {
																												if (data59.lean !== void 0) {
																													let data63 = data59.lean;
																													if (typeof data63 == "number" && isFinite(data63)) {
																														if (data63 > 360 || isNaN(data63)) {
																															validate20.errors = [{
																																instancePath: instancePath + "/pieces/" + i2 + "/seat/lean",
																																schemaPath: "#/properties/pieces/items/properties/seat/properties/lean/maximum",
																																keyword: "maximum",
																																params: {
																																	comparison: "<=",
																																	limit: 360
																																},
																																message: "must be <= 360"
																															}];
																															return false;
																														} else if (data63 < -360 || isNaN(data63)) {
																															validate20.errors = [{
																																instancePath: instancePath + "/pieces/" + i2 + "/seat/lean",
																																schemaPath: "#/properties/pieces/items/properties/seat/properties/lean/minimum",
																																keyword: "minimum",
																																params: {
																																	comparison: ">=",
																																	limit: -360
																																},
																																message: "must be >= -360"
																															}];
																															return false;
																														}
																													} else {
																														validate20.errors = [{
																															instancePath: instancePath + "/pieces/" + i2 + "/seat/lean",
																															schemaPath: "#/properties/pieces/items/properties/seat/properties/lean/type",
																															keyword: "type",
																															params: { type: "number" },
																															message: "must be number"
																														}];
																														return false;
																													}
																													var valid20 = true;
																												} else var valid20 = true;
																												if (valid20) {
																													if (data59.tip !== void 0) {
																														let data64 = data59.tip;
																														if (typeof data64 == "number" && isFinite(data64)) {
																															if (data64 > 360 || isNaN(data64)) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/pieces/" + i2 + "/seat/tip",
																																	schemaPath: "#/properties/pieces/items/properties/seat/properties/tip/maximum",
																																	keyword: "maximum",
																																	params: {
																																		comparison: "<=",
																																		limit: 360
																																	},
																																	message: "must be <= 360"
																																}];
																																return false;
																															} else if (data64 < -360 || isNaN(data64)) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/pieces/" + i2 + "/seat/tip",
																																	schemaPath: "#/properties/pieces/items/properties/seat/properties/tip/minimum",
																																	keyword: "minimum",
																																	params: {
																																		comparison: ">=",
																																		limit: -360
																																	},
																																	message: "must be >= -360"
																																}];
																																return false;
																															}
																														} else {
																															validate20.errors = [{
																																instancePath: instancePath + "/pieces/" + i2 + "/seat/tip",
																																schemaPath: "#/properties/pieces/items/properties/seat/properties/tip/type",
																																keyword: "type",
																																params: { type: "number" },
																																message: "must be number"
																															}];
																															return false;
																														}
																														var valid20 = true;
																													} else var valid20 = true;
																													if (valid20) {
																														if (data59.turn !== void 0) {
																															let data65 = data59.turn;
																															if (typeof data65 == "number" && isFinite(data65)) {
																																if (data65 > 360 || isNaN(data65)) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/pieces/" + i2 + "/seat/turn",
																																		schemaPath: "#/properties/pieces/items/properties/seat/properties/turn/maximum",
																																		keyword: "maximum",
																																		params: {
																																			comparison: "<=",
																																			limit: 360
																																		},
																																		message: "must be <= 360"
																																	}];
																																	return false;
																																} else if (data65 < -360 || isNaN(data65)) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/pieces/" + i2 + "/seat/turn",
																																		schemaPath: "#/properties/pieces/items/properties/seat/properties/turn/minimum",
																																		keyword: "minimum",
																																		params: {
																																			comparison: ">=",
																																			limit: -360
																																		},
																																		message: "must be >= -360"
																																	}];
																																	return false;
																																}
																															} else {
																																validate20.errors = [{
																																	instancePath: instancePath + "/pieces/" + i2 + "/seat/turn",
																																	schemaPath: "#/properties/pieces/items/properties/seat/properties/turn/type",
																																	keyword: "type",
																																	params: { type: "number" },
																																	message: "must be number"
																																}];
																																return false;
																															}
																															var valid20 = true;
																														} else var valid20 = true;
																														if (valid20) {
																															if (data59.sink !== void 0) {
																																let data66 = data59.sink;
																																if (typeof data66 == "number" && isFinite(data66)) {
																																	if (data66 > 500 || isNaN(data66)) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/pieces/" + i2 + "/seat/sink",
																																			schemaPath: "#/properties/pieces/items/properties/seat/properties/sink/maximum",
																																			keyword: "maximum",
																																			params: {
																																				comparison: "<=",
																																				limit: 500
																																			},
																																			message: "must be <= 500"
																																		}];
																																		return false;
																																	} else if (data66 < -200 || isNaN(data66)) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/pieces/" + i2 + "/seat/sink",
																																			schemaPath: "#/properties/pieces/items/properties/seat/properties/sink/minimum",
																																			keyword: "minimum",
																																			params: {
																																				comparison: ">=",
																																				limit: -200
																																			},
																																			message: "must be >= -200"
																																		}];
																																		return false;
																																	}
																																} else {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/pieces/" + i2 + "/seat/sink",
																																		schemaPath: "#/properties/pieces/items/properties/seat/properties/sink/type",
																																		keyword: "type",
																																		params: { type: "number" },
																																		message: "must be number"
																																	}];
																																	return false;
																																}
																																var valid20 = true;
																															} else var valid20 = true;
																															if (valid20) {
																																if (data59.how !== void 0) {
																																	let data67 = data59.how;
																																	if (typeof data67 !== "string") {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/pieces/" + i2 + "/seat/how",
																																			schemaPath: "#/properties/pieces/items/properties/seat/properties/how/type",
																																			keyword: "type",
																																			params: { type: "string" },
																																			message: "must be string"
																																		}];
																																		return false;
																																	}
																																	if (!(data67 === "sits" || data67 === "set" || data67 === "hangs" || data67 === "wraps")) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/pieces/" + i2 + "/seat/how",
																																			schemaPath: "#/properties/pieces/items/properties/seat/properties/how/enum",
																																			keyword: "enum",
																																			params: { allowedValues: schema31.properties.pieces.items.properties.seat.properties.how.enum },
																																			message: "must be equal to one of the allowed values"
																																		}];
																																		return false;
																																	}
																																	var valid20 = true;
																																} else var valid20 = true;
																																if (valid20) {
																																	if (data59.overlap !== void 0) {
																																		let data68 = data59.overlap;
																																		if (typeof data68 !== "string") {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/pieces/" + i2 + "/seat/overlap",
																																				schemaPath: "#/properties/pieces/items/properties/seat/properties/overlap/type",
																																				keyword: "type",
																																				params: { type: "string" },
																																				message: "must be string"
																																			}];
																																			return false;
																																		}
																																		if (!(data68 === "pressed" || data68 === "trimmed")) {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/pieces/" + i2 + "/seat/overlap",
																																				schemaPath: "#/properties/pieces/items/properties/seat/properties/overlap/enum",
																																				keyword: "enum",
																																				params: { allowedValues: schema31.properties.pieces.items.properties.seat.properties.overlap.enum },
																																				message: "must be equal to one of the allowed values"
																																			}];
																																			return false;
																																		}
																																		var valid20 = true;
																																	} else var valid20 = true;
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
																										instancePath: instancePath + "/pieces/" + i2 + "/seat",
																										schemaPath: "#/properties/pieces/items/properties/seat/type",
																										keyword: "type",
																										params: { type: "object" },
																										message: "must be object"
																									}];
																									return false;
																								}
																								var valid9 = true;
																							} else var valid9 = true;
																							if (valid9) {
																								if (data32.pair !== void 0) {
																									if (typeof data32.pair !== "boolean") {
																										validate20.errors = [{
																											instancePath: instancePath + "/pieces/" + i2 + "/pair",
																											schemaPath: "#/properties/pieces/items/properties/pair/type",
																											keyword: "type",
																											params: { type: "boolean" },
																											message: "must be boolean"
																										}];
																										return false;
																									}
																									var valid9 = true;
																								} else var valid9 = true;
																								if (valid9) {
																									if (data32.count !== void 0) {
																										let data70 = data32.count;
																										if (!(typeof data70 == "number" && !(data70 % 1) && !isNaN(data70) && isFinite(data70))) {
																											validate20.errors = [{
																												instancePath: instancePath + "/pieces/" + i2 + "/count",
																												schemaPath: "#/properties/pieces/items/properties/count/type",
																												keyword: "type",
																												params: { type: "integer" },
																												message: "must be integer"
																											}];
																											return false;
																										}
																										if (typeof data70 == "number" && isFinite(data70)) {
																											if (data70 > 500 || isNaN(data70)) {
																												validate20.errors = [{
																													instancePath: instancePath + "/pieces/" + i2 + "/count",
																													schemaPath: "#/properties/pieces/items/properties/count/maximum",
																													keyword: "maximum",
																													params: {
																														comparison: "<=",
																														limit: 500
																													},
																													message: "must be <= 500"
																												}];
																												return false;
																											} else if (data70 < 1 || isNaN(data70)) {
																												validate20.errors = [{
																													instancePath: instancePath + "/pieces/" + i2 + "/count",
																													schemaPath: "#/properties/pieces/items/properties/count/minimum",
																													keyword: "minimum",
																													params: {
																														comparison: ">=",
																														limit: 1
																													},
																													message: "must be >= 1"
																												}];
																												return false;
																											}
																										}
																										var valid9 = true;
																									} else var valid9 = true;
																									if (valid9) {
																										if (data32.texture !== void 0) {
																											let data71 = data32.texture;
																											if (typeof data71 !== "string") {
																												validate20.errors = [{
																													instancePath: instancePath + "/pieces/" + i2 + "/texture",
																													schemaPath: "#/properties/pieces/items/properties/texture/type",
																													keyword: "type",
																													params: { type: "string" },
																													message: "must be string"
																												}];
																												return false;
																											}
																											if (!(data71 === "none" || data71 === "fur" || data71 === "feathers" || data71 === "veins" || data71 === "wood" || data71 === "creases" || data71 === "stitches" || data71 === "stipple")) {
																												validate20.errors = [{
																													instancePath: instancePath + "/pieces/" + i2 + "/texture",
																													schemaPath: "#/properties/pieces/items/properties/texture/enum",
																													keyword: "enum",
																													params: { allowedValues: schema31.properties.pieces.items.properties.texture.enum },
																													message: "must be equal to one of the allowed values"
																												}];
																												return false;
																											}
																											var valid9 = true;
																										} else var valid9 = true;
																										if (valid9) {
																											if (data32.core !== void 0) {
																												let data72 = data32.core;
																												if (typeof data72 !== "string") {
																													validate20.errors = [{
																														instancePath: instancePath + "/pieces/" + i2 + "/core",
																														schemaPath: "#/properties/pieces/items/properties/core/type",
																														keyword: "type",
																														params: { type: "string" },
																														message: "must be string"
																													}];
																													return false;
																												}
																												if (!(data72 === "foam" || data72 === "cereal" || data72 === "cake")) {
																													validate20.errors = [{
																														instancePath: instancePath + "/pieces/" + i2 + "/core",
																														schemaPath: "#/properties/pieces/items/properties/core/enum",
																														keyword: "enum",
																														params: { allowedValues: schema31.properties.pieces.items.properties.core.enum },
																														message: "must be equal to one of the allowed values"
																													}];
																													return false;
																												}
																												var valid9 = true;
																											} else var valid9 = true;
																											if (valid9) {
																												if (data32.tolerance !== void 0) {
																													let data73 = data32.tolerance;
																													if (typeof data73 !== "string") {
																														validate20.errors = [{
																															instancePath: instancePath + "/pieces/" + i2 + "/tolerance",
																															schemaPath: "#/properties/pieces/items/properties/tolerance/type",
																															keyword: "type",
																															params: { type: "string" },
																															message: "must be string"
																														}];
																														return false;
																													}
																													if (!(data73 === "equal" || data73 === "mirrored" || data73 === "varied" || data73 === "hidden")) {
																														validate20.errors = [{
																															instancePath: instancePath + "/pieces/" + i2 + "/tolerance",
																															schemaPath: "#/properties/pieces/items/properties/tolerance/enum",
																															keyword: "enum",
																															params: { allowedValues: schema31.properties.pieces.items.properties.tolerance.enum },
																															message: "must be equal to one of the allowed values"
																														}];
																														return false;
																													}
																													var valid9 = true;
																												} else var valid9 = true;
																												if (valid9) {
																													if (data32.hidden !== void 0) {
																														let data74 = data32.hidden;
																														if (typeof data74 !== "string") {
																															validate20.errors = [{
																																instancePath: instancePath + "/pieces/" + i2 + "/hidden",
																																schemaPath: "#/properties/pieces/items/properties/hidden/type",
																																keyword: "type",
																																params: { type: "string" },
																																message: "must be string"
																															}];
																															return false;
																														}
																														if (!(data74 === "none" || data74 === "under" || data74 === "back" || data74 === "front" || data74 === "left" || data74 === "right" || data74 === "top")) {
																															validate20.errors = [{
																																instancePath: instancePath + "/pieces/" + i2 + "/hidden",
																																schemaPath: "#/properties/pieces/items/properties/hidden/enum",
																																keyword: "enum",
																																params: { allowedValues: schema31.properties.pieces.items.properties.hidden.enum },
																																message: "must be equal to one of the allowed values"
																															}];
																															return false;
																														}
																														var valid9 = true;
																													} else var valid9 = true;
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
																	validate20.errors = [{
																		instancePath: instancePath + "/pieces/" + i2,
																		schemaPath: "#/properties/pieces/items/type",
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
															instancePath: instancePath + "/pieces",
															schemaPath: "#/properties/pieces/type",
															keyword: "type",
															params: { type: "array" },
															message: "must be array"
														}];
														return false;
													}
													var valid0 = true;
												} else var valid0 = true;
												if (valid0) {
													if (data.rods !== void 0) {
														let data75 = data.rods;
														if (Array.isArray(data75)) {
															if (data75.length > 200) {
																validate20.errors = [{
																	instancePath: instancePath + "/rods",
																	schemaPath: "#/properties/rods/maxItems",
																	keyword: "maxItems",
																	params: { limit: 200 },
																	message: "must NOT have more than 200 items"
																}];
																return false;
															} else if (data75.length < 0) {
																validate20.errors = [{
																	instancePath: instancePath + "/rods",
																	schemaPath: "#/properties/rods/minItems",
																	keyword: "minItems",
																	params: { limit: 0 },
																	message: "must NOT have fewer than 0 items"
																}];
																return false;
															} else {
																const len9 = data75.length;
																for (let i9 = 0; i9 < len9; i9++) {
																	let data76 = data75[i9];
																	if (data76 && typeof data76 == "object" && !Array.isArray(data76)) {
																		let missing11;
																		if (data76.id === void 0 && (missing11 = "id") || data76.name === void 0 && (missing11 = "name") || data76.stock === void 0 && (missing11 = "stock") || data76.from === void 0 && (missing11 = "from") || data76.to === void 0 && (missing11 = "to") || data76.pair === void 0 && (missing11 = "pair") || data76.sleeved === void 0 && (missing11 = "sleeved")) {
																			validate20.errors = [{
																				instancePath: instancePath + "/rods/" + i9,
																				schemaPath: "#/properties/rods/items/required",
																				keyword: "required",
																				params: { missingProperty: missing11 },
																				message: "must have required property '" + missing11 + "'"
																			}];
																			return false;
																		} else {
																			for (const key14 in data76) if (!(key14 === "id" || key14 === "name" || key14 === "stock" || key14 === "from" || key14 === "to" || key14 === "pair" || key14 === "sleeved")) {
																				validate20.errors = [{
																					instancePath: instancePath + "/rods/" + i9,
																					schemaPath: "#/properties/rods/items/additionalProperties",
																					keyword: "additionalProperties",
																					params: { additionalProperty: key14 },
																					message: "must NOT have additional properties"
																				}];
																				return false;
																			}
																			if (data76.id !== void 0) {
																				let data77 = data76.id;
																				if (typeof data77 === "string") {
																					if (!pattern5.test(data77)) {
																						validate20.errors = [{
																							instancePath: instancePath + "/rods/" + i9 + "/id",
																							schemaPath: "#/properties/rods/items/properties/id/pattern",
																							keyword: "pattern",
																							params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																							message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																						}];
																						return false;
																					}
																				} else {
																					validate20.errors = [{
																						instancePath: instancePath + "/rods/" + i9 + "/id",
																						schemaPath: "#/properties/rods/items/properties/id/type",
																						keyword: "type",
																						params: { type: "string" },
																						message: "must be string"
																					}];
																					return false;
																				}
																				var valid23 = true;
																			} else var valid23 = true;
																			if (valid23) {
																				if (data76.name !== void 0) {
																					let data78 = data76.name;
																					if (typeof data78 === "string") {
																						if (func2(data78) > 120) {
																							validate20.errors = [{
																								instancePath: instancePath + "/rods/" + i9 + "/name",
																								schemaPath: "#/properties/rods/items/properties/name/maxLength",
																								keyword: "maxLength",
																								params: { limit: 120 },
																								message: "must NOT have more than 120 characters"
																							}];
																							return false;
																						} else if (func2(data78) < 1) {
																							validate20.errors = [{
																								instancePath: instancePath + "/rods/" + i9 + "/name",
																								schemaPath: "#/properties/rods/items/properties/name/minLength",
																								keyword: "minLength",
																								params: { limit: 1 },
																								message: "must NOT have fewer than 1 characters"
																							}];
																							return false;
																						}
																					} else {
																						validate20.errors = [{
																							instancePath: instancePath + "/rods/" + i9 + "/name",
																							schemaPath: "#/properties/rods/items/properties/name/type",
																							keyword: "type",
																							params: { type: "string" },
																							message: "must be string"
																						}];
																						return false;
																					}
																					var valid23 = true;
																				} else var valid23 = true;
																				if (valid23) {
																					if (data76.stock !== void 0) {
																						let data79 = data76.stock;
																						if (typeof data79 !== "string") {
																							validate20.errors = [{
																								instancePath: instancePath + "/rods/" + i9 + "/stock",
																								schemaPath: "#/properties/rods/items/properties/stock/type",
																								keyword: "type",
																								params: { type: "string" },
																								message: "must be string"
																							}];
																							return false;
																						}
																						if (!(data79 === "spaghetti18" || data79 === "cocktail2" || data79 === "skewer3" || data79 === "wire24" || data79 === "wire22" || data79 === "wire20" || data79 === "wire18" || data79 === "paper4" || data79 === "skewer4" || data79 === "dowel6" || data79 === "dowel8" || data79 === "dowel10" || data79 === "dowel12" || data79 === "m6" || data79 === "m8" || data79 === "m10" || data79 === "m12")) {
																							validate20.errors = [{
																								instancePath: instancePath + "/rods/" + i9 + "/stock",
																								schemaPath: "#/properties/rods/items/properties/stock/enum",
																								keyword: "enum",
																								params: { allowedValues: schema31.properties.rods.items.properties.stock.enum },
																								message: "must be equal to one of the allowed values"
																							}];
																							return false;
																						}
																						var valid23 = true;
																					} else var valid23 = true;
																					if (valid23) {
																						if (data76.from !== void 0) {
																							let data80 = data76.from;
																							if (data80 && typeof data80 == "object" && !Array.isArray(data80)) {
																								let missing12;
																								if (data80.on === void 0 && (missing12 = "on") || data80.at === void 0 && (missing12 = "at")) {
																									validate20.errors = [{
																										instancePath: instancePath + "/rods/" + i9 + "/from",
																										schemaPath: "#/properties/rods/items/properties/from/required",
																										keyword: "required",
																										params: { missingProperty: missing12 },
																										message: "must have required property '" + missing12 + "'"
																									}];
																									return false;
																								} else {
																									for (const key15 in data80) if (!(key15 === "on" || key15 === "at")) {
																										validate20.errors = [{
																											instancePath: instancePath + "/rods/" + i9 + "/from",
																											schemaPath: "#/properties/rods/items/properties/from/additionalProperties",
																											keyword: "additionalProperties",
																											params: { additionalProperty: key15 },
																											message: "must NOT have additional properties"
																										}];
																										return false;
																									}
																									if (data80.on !== void 0) {
																										let data81 = data80.on;
																										if (typeof data81 === "string") {
																											if (!pattern5.test(data81)) {
																												validate20.errors = [{
																													instancePath: instancePath + "/rods/" + i9 + "/from/on",
																													schemaPath: "#/properties/rods/items/properties/from/properties/on/pattern",
																													keyword: "pattern",
																													params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																													message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																												}];
																												return false;
																											}
																										} else {
																											validate20.errors = [{
																												instancePath: instancePath + "/rods/" + i9 + "/from/on",
																												schemaPath: "#/properties/rods/items/properties/from/properties/on/type",
																												keyword: "type",
																												params: { type: "string" },
																												message: "must be string"
																											}];
																											return false;
																										}
																										var valid24 = true;
																									} else var valid24 = true;
																									if (valid24) {
																										if (data80.at !== void 0) {
																											let data82 = data80.at;
																											if (Array.isArray(data82)) {
																												if (data82.length > 3) {
																													validate20.errors = [{
																														instancePath: instancePath + "/rods/" + i9 + "/from/at",
																														schemaPath: "#/properties/rods/items/properties/from/properties/at/maxItems",
																														keyword: "maxItems",
																														params: { limit: 3 },
																														message: "must NOT have more than 3 items"
																													}];
																													return false;
																												} else if (data82.length < 3) {
																													validate20.errors = [{
																														instancePath: instancePath + "/rods/" + i9 + "/from/at",
																														schemaPath: "#/properties/rods/items/properties/from/properties/at/minItems",
																														keyword: "minItems",
																														params: { limit: 3 },
																														message: "must NOT have fewer than 3 items"
																													}];
																													return false;
																												} else {
																													const len10 = data82.length;
																													for (let i10 = 0; i10 < len10; i10++) {
																														let data83 = data82[i10];
																														if (typeof data83 == "number" && isFinite(data83)) {
																															if (data83 > 3e3 || isNaN(data83)) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/rods/" + i9 + "/from/at/" + i10,
																																	schemaPath: "#/properties/rods/items/properties/from/properties/at/items/maximum",
																																	keyword: "maximum",
																																	params: {
																																		comparison: "<=",
																																		limit: 3e3
																																	},
																																	message: "must be <= 3000"
																																}];
																																return false;
																															} else if (data83 < -3e3 || isNaN(data83)) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/rods/" + i9 + "/from/at/" + i10,
																																	schemaPath: "#/properties/rods/items/properties/from/properties/at/items/minimum",
																																	keyword: "minimum",
																																	params: {
																																		comparison: ">=",
																																		limit: -3e3
																																	},
																																	message: "must be >= -3000"
																																}];
																																return false;
																															}
																														} else {
																															validate20.errors = [{
																																instancePath: instancePath + "/rods/" + i9 + "/from/at/" + i10,
																																schemaPath: "#/properties/rods/items/properties/from/properties/at/items/type",
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
																													instancePath: instancePath + "/rods/" + i9 + "/from/at",
																													schemaPath: "#/properties/rods/items/properties/from/properties/at/type",
																													keyword: "type",
																													params: { type: "array" },
																													message: "must be array"
																												}];
																												return false;
																											}
																											var valid24 = true;
																										} else var valid24 = true;
																									}
																								}
																							} else {
																								validate20.errors = [{
																									instancePath: instancePath + "/rods/" + i9 + "/from",
																									schemaPath: "#/properties/rods/items/properties/from/type",
																									keyword: "type",
																									params: { type: "object" },
																									message: "must be object"
																								}];
																								return false;
																							}
																							var valid23 = true;
																						} else var valid23 = true;
																						if (valid23) {
																							if (data76.to !== void 0) {
																								let data84 = data76.to;
																								if (data84 && typeof data84 == "object" && !Array.isArray(data84)) {
																									let missing13;
																									if (data84.on === void 0 && (missing13 = "on") || data84.at === void 0 && (missing13 = "at")) {
																										validate20.errors = [{
																											instancePath: instancePath + "/rods/" + i9 + "/to",
																											schemaPath: "#/properties/rods/items/properties/to/required",
																											keyword: "required",
																											params: { missingProperty: missing13 },
																											message: "must have required property '" + missing13 + "'"
																										}];
																										return false;
																									} else {
																										for (const key16 in data84) if (!(key16 === "on" || key16 === "at")) {
																											validate20.errors = [{
																												instancePath: instancePath + "/rods/" + i9 + "/to",
																												schemaPath: "#/properties/rods/items/properties/to/additionalProperties",
																												keyword: "additionalProperties",
																												params: { additionalProperty: key16 },
																												message: "must NOT have additional properties"
																											}];
																											return false;
																										}
																										if (data84.on !== void 0) {
																											let data85 = data84.on;
																											if (typeof data85 === "string") {
																												if (!pattern5.test(data85)) {
																													validate20.errors = [{
																														instancePath: instancePath + "/rods/" + i9 + "/to/on",
																														schemaPath: "#/properties/rods/items/properties/to/properties/on/pattern",
																														keyword: "pattern",
																														params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																														message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																													}];
																													return false;
																												}
																											} else {
																												validate20.errors = [{
																													instancePath: instancePath + "/rods/" + i9 + "/to/on",
																													schemaPath: "#/properties/rods/items/properties/to/properties/on/type",
																													keyword: "type",
																													params: { type: "string" },
																													message: "must be string"
																												}];
																												return false;
																											}
																											var valid26 = true;
																										} else var valid26 = true;
																										if (valid26) {
																											if (data84.at !== void 0) {
																												let data86 = data84.at;
																												if (Array.isArray(data86)) {
																													if (data86.length > 3) {
																														validate20.errors = [{
																															instancePath: instancePath + "/rods/" + i9 + "/to/at",
																															schemaPath: "#/properties/rods/items/properties/to/properties/at/maxItems",
																															keyword: "maxItems",
																															params: { limit: 3 },
																															message: "must NOT have more than 3 items"
																														}];
																														return false;
																													} else if (data86.length < 3) {
																														validate20.errors = [{
																															instancePath: instancePath + "/rods/" + i9 + "/to/at",
																															schemaPath: "#/properties/rods/items/properties/to/properties/at/minItems",
																															keyword: "minItems",
																															params: { limit: 3 },
																															message: "must NOT have fewer than 3 items"
																														}];
																														return false;
																													} else {
																														const len11 = data86.length;
																														for (let i11 = 0; i11 < len11; i11++) {
																															let data87 = data86[i11];
																															if (typeof data87 == "number" && isFinite(data87)) {
																																if (data87 > 3e3 || isNaN(data87)) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/rods/" + i9 + "/to/at/" + i11,
																																		schemaPath: "#/properties/rods/items/properties/to/properties/at/items/maximum",
																																		keyword: "maximum",
																																		params: {
																																			comparison: "<=",
																																			limit: 3e3
																																		},
																																		message: "must be <= 3000"
																																	}];
																																	return false;
																																} else if (data87 < -3e3 || isNaN(data87)) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/rods/" + i9 + "/to/at/" + i11,
																																		schemaPath: "#/properties/rods/items/properties/to/properties/at/items/minimum",
																																		keyword: "minimum",
																																		params: {
																																			comparison: ">=",
																																			limit: -3e3
																																		},
																																		message: "must be >= -3000"
																																	}];
																																	return false;
																																}
																															} else {
																																validate20.errors = [{
																																	instancePath: instancePath + "/rods/" + i9 + "/to/at/" + i11,
																																	schemaPath: "#/properties/rods/items/properties/to/properties/at/items/type",
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
																														instancePath: instancePath + "/rods/" + i9 + "/to/at",
																														schemaPath: "#/properties/rods/items/properties/to/properties/at/type",
																														keyword: "type",
																														params: { type: "array" },
																														message: "must be array"
																													}];
																													return false;
																												}
																												var valid26 = true;
																											} else var valid26 = true;
																										}
																									}
																								} else {
																									validate20.errors = [{
																										instancePath: instancePath + "/rods/" + i9 + "/to",
																										schemaPath: "#/properties/rods/items/properties/to/type",
																										keyword: "type",
																										params: { type: "object" },
																										message: "must be object"
																									}];
																									return false;
																								}
																								var valid23 = true;
																							} else var valid23 = true;
																							if (valid23) {
																								if (data76.pair !== void 0) {
																									if (typeof data76.pair !== "boolean") {
																										validate20.errors = [{
																											instancePath: instancePath + "/rods/" + i9 + "/pair",
																											schemaPath: "#/properties/rods/items/properties/pair/type",
																											keyword: "type",
																											params: { type: "boolean" },
																											message: "must be boolean"
																										}];
																										return false;
																									}
																									var valid23 = true;
																								} else var valid23 = true;
																								if (valid23) {
																									if (data76.sleeved !== void 0) {
																										if (typeof data76.sleeved !== "boolean") {
																											validate20.errors = [{
																												instancePath: instancePath + "/rods/" + i9 + "/sleeved",
																												schemaPath: "#/properties/rods/items/properties/sleeved/type",
																												keyword: "type",
																												params: { type: "boolean" },
																												message: "must be boolean"
																											}];
																											return false;
																										}
																										var valid23 = true;
																									} else var valid23 = true;
																								}
																							}
																						}
																					}
																				}
																			}
																		}
																	} else {
																		validate20.errors = [{
																			instancePath: instancePath + "/rods/" + i9,
																			schemaPath: "#/properties/rods/items/type",
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
																instancePath: instancePath + "/rods",
																schemaPath: "#/properties/rods/type",
																keyword: "type",
																params: { type: "array" },
																message: "must be array"
															}];
															return false;
														}
														var valid0 = true;
													} else var valid0 = true;
													if (valid0) {
														if (data.hours !== void 0) {
															let data90 = data.hours;
															if (Array.isArray(data90)) {
																if (data90.length > 60) {
																	validate20.errors = [{
																		instancePath: instancePath + "/hours",
																		schemaPath: "#/properties/hours/maxItems",
																		keyword: "maxItems",
																		params: { limit: 60 },
																		message: "must NOT have more than 60 items"
																	}];
																	return false;
																} else if (data90.length < 0) {
																	validate20.errors = [{
																		instancePath: instancePath + "/hours",
																		schemaPath: "#/properties/hours/minItems",
																		keyword: "minItems",
																		params: { limit: 0 },
																		message: "must NOT have fewer than 0 items"
																	}];
																	return false;
																} else {
																	const len12 = data90.length;
																	for (let i12 = 0; i12 < len12; i12++) {
																		let data91 = data90[i12];
																		if (data91 && typeof data91 == "object" && !Array.isArray(data91)) {
																			let missing14;
																			if (data91.day === void 0 && (missing14 = "day") || data91.from === void 0 && (missing14 = "from") || data91.to === void 0 && (missing14 = "to")) {
																				validate20.errors = [{
																					instancePath: instancePath + "/hours/" + i12,
																					schemaPath: "#/properties/hours/items/required",
																					keyword: "required",
																					params: { missingProperty: missing14 },
																					message: "must have required property '" + missing14 + "'"
																				}];
																				return false;
																			} else {
																				for (const key17 in data91) if (!(key17 === "day" || key17 === "from" || key17 === "to")) {
																					validate20.errors = [{
																						instancePath: instancePath + "/hours/" + i12,
																						schemaPath: "#/properties/hours/items/additionalProperties",
																						keyword: "additionalProperties",
																						params: { additionalProperty: key17 },
																						message: "must NOT have additional properties"
																					}];
																					return false;
																				}
																				if (data91.day !== void 0) {
																					let data92 = data91.day;
																					if (!(typeof data92 == "number" && !(data92 % 1) && !isNaN(data92) && isFinite(data92))) {
																						validate20.errors = [{
																							instancePath: instancePath + "/hours/" + i12 + "/day",
																							schemaPath: "#/properties/hours/items/properties/day/type",
																							keyword: "type",
																							params: { type: "integer" },
																							message: "must be integer"
																						}];
																						return false;
																					}
																					if (typeof data92 == "number" && isFinite(data92)) {
																						if (data92 > 7 || isNaN(data92)) {
																							validate20.errors = [{
																								instancePath: instancePath + "/hours/" + i12 + "/day",
																								schemaPath: "#/properties/hours/items/properties/day/maximum",
																								keyword: "maximum",
																								params: {
																									comparison: "<=",
																									limit: 7
																								},
																								message: "must be <= 7"
																							}];
																							return false;
																						} else if (data92 < 1 || isNaN(data92)) {
																							validate20.errors = [{
																								instancePath: instancePath + "/hours/" + i12 + "/day",
																								schemaPath: "#/properties/hours/items/properties/day/minimum",
																								keyword: "minimum",
																								params: {
																									comparison: ">=",
																									limit: 1
																								},
																								message: "must be >= 1"
																							}];
																							return false;
																						}
																					}
																					var valid29 = true;
																				} else var valid29 = true;
																				if (valid29) {
																					if (data91.from !== void 0) {
																						let data93 = data91.from;
																						if (typeof data93 === "string") {
																							if (!pattern17.test(data93)) {
																								validate20.errors = [{
																									instancePath: instancePath + "/hours/" + i12 + "/from",
																									schemaPath: "#/properties/hours/items/properties/from/pattern",
																									keyword: "pattern",
																									params: { pattern: "^([01]\\d|2[0-3]):[0-5]\\d$" },
																									message: "must match pattern \"^([01]\\d|2[0-3]):[0-5]\\d$\""
																								}];
																								return false;
																							}
																						} else {
																							validate20.errors = [{
																								instancePath: instancePath + "/hours/" + i12 + "/from",
																								schemaPath: "#/properties/hours/items/properties/from/type",
																								keyword: "type",
																								params: { type: "string" },
																								message: "must be string"
																							}];
																							return false;
																						}
																						var valid29 = true;
																					} else var valid29 = true;
																					if (valid29) {
																						if (data91.to !== void 0) {
																							let data94 = data91.to;
																							if (typeof data94 === "string") {
																								if (!pattern17.test(data94)) {
																									validate20.errors = [{
																										instancePath: instancePath + "/hours/" + i12 + "/to",
																										schemaPath: "#/properties/hours/items/properties/to/pattern",
																										keyword: "pattern",
																										params: { pattern: "^([01]\\d|2[0-3]):[0-5]\\d$" },
																										message: "must match pattern \"^([01]\\d|2[0-3]):[0-5]\\d$\""
																									}];
																									return false;
																								}
																							} else {
																								validate20.errors = [{
																									instancePath: instancePath + "/hours/" + i12 + "/to",
																									schemaPath: "#/properties/hours/items/properties/to/type",
																									keyword: "type",
																									params: { type: "string" },
																									message: "must be string"
																								}];
																								return false;
																							}
																							var valid29 = true;
																						} else var valid29 = true;
																					}
																				}
																			}
																		} else {
																			validate20.errors = [{
																				instancePath: instancePath + "/hours/" + i12,
																				schemaPath: "#/properties/hours/items/type",
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
																	instancePath: instancePath + "/hours",
																	schemaPath: "#/properties/hours/type",
																	keyword: "type",
																	params: { type: "array" },
																	message: "must be array"
																}];
																return false;
															}
															var valid0 = true;
														} else var valid0 = true;
														if (valid0) {
															if (data.practice !== void 0) {
																let data95 = data.practice;
																if (data95 && typeof data95 == "object" && !Array.isArray(data95)) {
																	let missing15;
																	if (data95.spare === void 0 && (missing15 = "spare") || data95.powderBulk === void 0 && (missing15 = "powderBulk") || data95.pace === void 0 && (missing15 = "pace")) {
																		validate20.errors = [{
																			instancePath: instancePath + "/practice",
																			schemaPath: "#/properties/practice/required",
																			keyword: "required",
																			params: { missingProperty: missing15 },
																			message: "must have required property '" + missing15 + "'"
																		}];
																		return false;
																	} else {
																		for (const key18 in data95) if (!(key18 === "spare" || key18 === "powderBulk" || key18 === "pace")) {
																			validate20.errors = [{
																				instancePath: instancePath + "/practice",
																				schemaPath: "#/properties/practice/additionalProperties",
																				keyword: "additionalProperties",
																				params: { additionalProperty: key18 },
																				message: "must NOT have additional properties"
																			}];
																			return false;
																		}
																		if (data95.spare !== void 0) {
																			let data96 = data95.spare;
																			if (typeof data96 == "number" && isFinite(data96)) {
																				if (data96 > 100 || isNaN(data96)) {
																					validate20.errors = [{
																						instancePath: instancePath + "/practice/spare",
																						schemaPath: "#/properties/practice/properties/spare/maximum",
																						keyword: "maximum",
																						params: {
																							comparison: "<=",
																							limit: 100
																						},
																						message: "must be <= 100"
																					}];
																					return false;
																				} else if (data96 < 0 || isNaN(data96)) {
																					validate20.errors = [{
																						instancePath: instancePath + "/practice/spare",
																						schemaPath: "#/properties/practice/properties/spare/minimum",
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
																					instancePath: instancePath + "/practice/spare",
																					schemaPath: "#/properties/practice/properties/spare/type",
																					keyword: "type",
																					params: { type: "number" },
																					message: "must be number"
																				}];
																				return false;
																			}
																			var valid30 = true;
																		} else var valid30 = true;
																		if (valid30) {
																			if (data95.powderBulk !== void 0) {
																				let data97 = data95.powderBulk;
																				if (typeof data97 == "number" && isFinite(data97)) {
																					if (data97 > 1.2 || isNaN(data97)) {
																						validate20.errors = [{
																							instancePath: instancePath + "/practice/powderBulk",
																							schemaPath: "#/properties/practice/properties/powderBulk/maximum",
																							keyword: "maximum",
																							params: {
																								comparison: "<=",
																								limit: 1.2
																							},
																							message: "must be <= 1.2"
																						}];
																						return false;
																					} else if (data97 < .2 || isNaN(data97)) {
																						validate20.errors = [{
																							instancePath: instancePath + "/practice/powderBulk",
																							schemaPath: "#/properties/practice/properties/powderBulk/minimum",
																							keyword: "minimum",
																							params: {
																								comparison: ">=",
																								limit: .2
																							},
																							message: "must be >= 0.2"
																						}];
																						return false;
																					}
																				} else {
																					validate20.errors = [{
																						instancePath: instancePath + "/practice/powderBulk",
																						schemaPath: "#/properties/practice/properties/powderBulk/type",
																						keyword: "type",
																						params: { type: "number" },
																						message: "must be number"
																					}];
																					return false;
																				}
																				var valid30 = true;
																			} else var valid30 = true;
																			if (valid30) {
																				if (data95.pace !== void 0) {
																					let data98 = data95.pace;
																					if (typeof data98 == "number" && isFinite(data98)) {
																						if (data98 > 4 || isNaN(data98)) {
																							validate20.errors = [{
																								instancePath: instancePath + "/practice/pace",
																								schemaPath: "#/properties/practice/properties/pace/maximum",
																								keyword: "maximum",
																								params: {
																									comparison: "<=",
																									limit: 4
																								},
																								message: "must be <= 4"
																							}];
																							return false;
																						} else if (data98 < .3 || isNaN(data98)) {
																							validate20.errors = [{
																								instancePath: instancePath + "/practice/pace",
																								schemaPath: "#/properties/practice/properties/pace/minimum",
																								keyword: "minimum",
																								params: {
																									comparison: ">=",
																									limit: .3
																								},
																								message: "must be >= 0.3"
																							}];
																							return false;
																						}
																					} else {
																						validate20.errors = [{
																							instancePath: instancePath + "/practice/pace",
																							schemaPath: "#/properties/practice/properties/pace/type",
																							keyword: "type",
																							params: { type: "number" },
																							message: "must be number"
																						}];
																						return false;
																					}
																					var valid30 = true;
																				} else var valid30 = true;
																			}
																		}
																	}
																} else {
																	validate20.errors = [{
																		instancePath: instancePath + "/practice",
																		schemaPath: "#/properties/practice/type",
																		keyword: "type",
																		params: { type: "object" },
																		message: "must be object"
																	}];
																	return false;
																}
																var valid0 = true;
															} else var valid0 = true;
															if (valid0) {
																if (data.bench !== void 0) {
																	let data99 = data.bench;
																	if (data99 && typeof data99 == "object" && !Array.isArray(data99)) {
																		let missing16;
																		if (data99.done === void 0 && (missing16 = "done")) {
																			validate20.errors = [{
																				instancePath: instancePath + "/bench",
																				schemaPath: "#/properties/bench/required",
																				keyword: "required",
																				params: { missingProperty: missing16 },
																				message: "must have required property '" + missing16 + "'"
																			}];
																			return false;
																		} else {
																			for (const key19 in data99) if (!(key19 === "done")) {
																				validate20.errors = [{
																					instancePath: instancePath + "/bench",
																					schemaPath: "#/properties/bench/additionalProperties",
																					keyword: "additionalProperties",
																					params: { additionalProperty: key19 },
																					message: "must NOT have additional properties"
																				}];
																				return false;
																			}
																			if (data99.done !== void 0) {
																				let data100 = data99.done;
																				if (Array.isArray(data100)) {
																					if (data100.length > 4e3) {
																						validate20.errors = [{
																							instancePath: instancePath + "/bench/done",
																							schemaPath: "#/properties/bench/properties/done/maxItems",
																							keyword: "maxItems",
																							params: { limit: 4e3 },
																							message: "must NOT have more than 4000 items"
																						}];
																						return false;
																					} else if (data100.length < 0) {
																						validate20.errors = [{
																							instancePath: instancePath + "/bench/done",
																							schemaPath: "#/properties/bench/properties/done/minItems",
																							keyword: "minItems",
																							params: { limit: 0 },
																							message: "must NOT have fewer than 0 items"
																						}];
																						return false;
																					} else {
																						const len13 = data100.length;
																						for (let i13 = 0; i13 < len13; i13++) {
																							let data101 = data100[i13];
																							if (data101 && typeof data101 == "object" && !Array.isArray(data101)) {
																								let missing17;
																								if (data101.step === void 0 && (missing17 = "step") || data101.at === void 0 && (missing17 = "at")) {
																									validate20.errors = [{
																										instancePath: instancePath + "/bench/done/" + i13,
																										schemaPath: "#/properties/bench/properties/done/items/required",
																										keyword: "required",
																										params: { missingProperty: missing17 },
																										message: "must have required property '" + missing17 + "'"
																									}];
																									return false;
																								} else {
																									for (const key20 in data101) if (!(key20 === "step" || key20 === "at")) {
																										validate20.errors = [{
																											instancePath: instancePath + "/bench/done/" + i13,
																											schemaPath: "#/properties/bench/properties/done/items/additionalProperties",
																											keyword: "additionalProperties",
																											params: { additionalProperty: key20 },
																											message: "must NOT have additional properties"
																										}];
																										return false;
																									}
																									if (data101.step !== void 0) {
																										let data102 = data101.step;
																										if (typeof data102 === "string") {
																											if (func2(data102) > 200) {
																												validate20.errors = [{
																													instancePath: instancePath + "/bench/done/" + i13 + "/step",
																													schemaPath: "#/properties/bench/properties/done/items/properties/step/maxLength",
																													keyword: "maxLength",
																													params: { limit: 200 },
																													message: "must NOT have more than 200 characters"
																												}];
																												return false;
																											}
																										} else {
																											validate20.errors = [{
																												instancePath: instancePath + "/bench/done/" + i13 + "/step",
																												schemaPath: "#/properties/bench/properties/done/items/properties/step/type",
																												keyword: "type",
																												params: { type: "string" },
																												message: "must be string"
																											}];
																											return false;
																										}
																										var valid33 = true;
																									} else var valid33 = true;
																									if (valid33) {
																										if (data101.at !== void 0) {
																											let data103 = data101.at;
																											if (typeof data103 === "string") {
																												if (func2(data103) > 40) {
																													validate20.errors = [{
																														instancePath: instancePath + "/bench/done/" + i13 + "/at",
																														schemaPath: "#/properties/bench/properties/done/items/properties/at/maxLength",
																														keyword: "maxLength",
																														params: { limit: 40 },
																														message: "must NOT have more than 40 characters"
																													}];
																													return false;
																												}
																											} else {
																												validate20.errors = [{
																													instancePath: instancePath + "/bench/done/" + i13 + "/at",
																													schemaPath: "#/properties/bench/properties/done/items/properties/at/type",
																													keyword: "type",
																													params: { type: "string" },
																													message: "must be string"
																												}];
																												return false;
																											}
																											var valid33 = true;
																										} else var valid33 = true;
																									}
																								}
																							} else {
																								validate20.errors = [{
																									instancePath: instancePath + "/bench/done/" + i13,
																									schemaPath: "#/properties/bench/properties/done/items/type",
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
																						instancePath: instancePath + "/bench/done",
																						schemaPath: "#/properties/bench/properties/done/type",
																						keyword: "type",
																						params: { type: "array" },
																						message: "must be array"
																					}];
																					return false;
																				}
																			}
																		}
																	} else {
																		validate20.errors = [{
																			instancePath: instancePath + "/bench",
																			schemaPath: "#/properties/bench/type",
																			keyword: "type",
																			params: { type: "object" },
																			message: "must be object"
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
export { validateBuild };
