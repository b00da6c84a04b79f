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
		"cake",
		"reserves",
		"bench"
	],
	"properties": {
		"format": { "const": "elm-spindle-build" },
		"version": { "const": 3 },
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
				"grip",
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
				"grip": {
					"type": "string",
					"enum": [
						"bare",
						"box",
						"seat",
						"mat"
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
					"own": {
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
					"hidden",
					"breaks"
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
					"sleeved": { "type": "boolean" },
					"across": {
						"type": "number",
						"minimum": .1,
						"maximum": 40
					},
					"bundle": {
						"type": "string",
						"minLength": 1,
						"maxLength": 120
					},
					"shown": { "type": "boolean" }
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
		"cake": {
			"type": "object",
			"additionalProperties": false,
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
				"filling": {
					"type": "string",
					"enum": [
						"buttercream",
						"ganacheDark",
						"ganacheWhite"
					]
				},
				"fillingThickness": {
					"type": "number",
					"minimum": 0,
					"maximum": 50
				},
				"coat": {
					"type": "string",
					"enum": [
						"buttercream",
						"ganacheDark",
						"ganacheWhite"
					]
				},
				"coatThickness": {
					"type": "number",
					"minimum": 0,
					"maximum": 30
				},
				"tins": {
					"type": "array",
					"items": {
						"type": "number",
						"minimum": 40,
						"maximum": 800
					},
					"maxItems": 30,
					"minItems": 0
				},
				"chill": {
					"type": "object",
					"additionalProperties": false,
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
				"tiers": {
					"type": "array",
					"items": {
						"type": "object",
						"additionalProperties": false,
						"required": [
							"id",
							"name",
							"shape",
							"width",
							"height",
							"cover"
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
							"cover": {
								"type": "object",
								"additionalProperties": false,
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
										"type": "string",
										"pattern": "^[a-z0-9][a-z0-9-]{0,59}$"
									},
									"colour": {
										"type": "string",
										"pattern": "^[a-z0-9][a-z0-9-]{0,59}$"
									}
								}
							},
							"posts": {
								"type": "object",
								"additionalProperties": false,
								"required": ["stock", "number"],
								"properties": {
									"stock": {
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
									"number": {
										"type": "integer",
										"minimum": 1,
										"maximum": 12
									}
								}
							}
						}
					},
					"maxItems": 12,
					"minItems": 0
				}
			}
		},
		"portions": {
			"type": "object",
			"additionalProperties": false,
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
					"type": "string",
					"pattern": "^[a-z0-9][a-z0-9-]{0,59}$"
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
					"type": "array",
					"items": {
						"type": "number",
						"minimum": .001,
						"maximum": 1e4
					},
					"maxItems": 2e3,
					"minItems": 0
				}
			}
		},
		"stack": {
			"type": "object",
			"additionalProperties": false,
			"required": ["thread", "items"],
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
				"items": {
					"type": "array",
					"items": {
						"type": "object",
						"additionalProperties": false,
						"required": [
							"id",
							"kind",
							"name",
							"thick"
						],
						"properties": {
							"id": {
								"type": "string",
								"pattern": "^[a-z0-9][a-z0-9-]{0,59}$"
							},
							"kind": {
								"type": "string",
								"enum": [
									"feet",
									"nut",
									"washer",
									"large",
									"base",
									"board",
									"gap",
									"tier"
								]
							},
							"name": {
								"type": "string",
								"minLength": 1,
								"maxLength": 120
							},
							"thick": {
								"type": "number",
								"minimum": 0,
								"maximum": 600
							}
						}
					},
					"maxItems": 40,
					"minItems": 0
				},
				"cutAt": {
					"type": "number",
					"minimum": 0,
					"maximum": 3e3
				}
			}
		},
		"reserves": {
			"type": "array",
			"items": {
				"type": "object",
				"additionalProperties": false,
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
						"type": "string",
						"minLength": 1,
						"maxLength": 80
					},
					"name": {
						"type": "string",
						"minLength": 1,
						"maxLength": 120
					},
					"batch": {
						"type": "string",
						"maxLength": 130
					},
					"grams": {
						"type": "number",
						"minimum": 0,
						"maximum": 1e5
					},
					"recolour": { "type": "boolean" },
					"allergens": {
						"type": "array",
						"items": {
							"type": "string",
							"maxLength": 60
						},
						"maxItems": 20,
						"minItems": 0
					},
					"keepBy": {
						"type": "string",
						"pattern": "^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$"
					}
				}
			},
			"maxItems": 200,
			"minItems": 0
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
const pattern8 = /* @__PURE__ */ new RegExp("^#[0-9a-fA-F]{6}$", "u");
const pattern10 = /* @__PURE__ */ new RegExp("^(edge|front|side|profile|hole[1-9])$", "u");
const pattern18 = /* @__PURE__ */ new RegExp("^([01]\\d|2[0-3]):[0-5]\\d$", "u");
const pattern25 = /* @__PURE__ */ new RegExp("^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$", "u");
function validate20(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
	let vErrors = null;
	const evaluated0 = validate20.evaluated;
	if (evaluated0.dynamicProps) evaluated0.props = void 0;
	if (evaluated0.dynamicItems) evaluated0.items = void 0;
	if (data && typeof data == "object" && !Array.isArray(data)) {
		let missing0;
		if (data.format === void 0 && (missing0 = "format") || data.version === void 0 && (missing0 = "version") || data.id === void 0 && (missing0 = "id") || data.name === void 0 && (missing0 = "name") || data.brief === void 0 && (missing0 = "brief") || data.room === void 0 && (missing0 = "room") || data.board === void 0 && (missing0 = "board") || data.blends === void 0 && (missing0 = "blends") || data.colours === void 0 && (missing0 = "colours") || data.pieces === void 0 && (missing0 = "pieces") || data.rods === void 0 && (missing0 = "rods") || data.hours === void 0 && (missing0 = "hours") || data.practice === void 0 && (missing0 = "practice") || data.cake === void 0 && (missing0 = "cake") || data.reserves === void 0 && (missing0 = "reserves") || data.bench === void 0 && (missing0 = "bench")) {
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
					if (3 !== data.version) {
						validate20.errors = [{
							instancePath: instancePath + "/version",
							schemaPath: "#/properties/version/const",
							keyword: "const",
							params: { allowedValue: 3 },
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
									if (data4.due === void 0 && (missing1 = "due") || data4.zone === void 0 && (missing1 = "zone") || data4.journey === void 0 && (missing1 = "journey") || data4.grip === void 0 && (missing1 = "grip") || data4.note === void 0 && (missing1 = "note")) {
										validate20.errors = [{
											instancePath: instancePath + "/brief",
											schemaPath: "#/properties/brief/required",
											keyword: "required",
											params: { missingProperty: missing1 },
											message: "must have required property '" + missing1 + "'"
										}];
										return false;
									} else {
										for (const key1 in data4) if (!(key1 === "due" || key1 === "zone" || key1 === "journey" || key1 === "grip" || key1 === "note")) {
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
													if (data4.grip !== void 0) {
														let data8 = data4.grip;
														if (typeof data8 !== "string") {
															validate20.errors = [{
																instancePath: instancePath + "/brief/grip",
																schemaPath: "#/properties/brief/properties/grip/type",
																keyword: "type",
																params: { type: "string" },
																message: "must be string"
															}];
															return false;
														}
														if (!(data8 === "bare" || data8 === "box" || data8 === "seat" || data8 === "mat")) {
															validate20.errors = [{
																instancePath: instancePath + "/brief/grip",
																schemaPath: "#/properties/brief/properties/grip/enum",
																keyword: "enum",
																params: { allowedValues: schema31.properties.brief.properties.grip.enum },
																message: "must be equal to one of the allowed values"
															}];
															return false;
														}
														var valid1 = true;
													} else var valid1 = true;
													if (valid1) {
														if (data4.note !== void 0) {
															let data9 = data4.note;
															if (typeof data9 === "string") {
																if (func2(data9) > 4e3) {
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
									let data10 = data.room;
									if (data10 && typeof data10 == "object" && !Array.isArray(data10)) {
										let missing2;
										if (data10.temperature === void 0 && (missing2 = "temperature") || data10.humidity === void 0 && (missing2 = "humidity") || data10.air === void 0 && (missing2 = "air")) {
											validate20.errors = [{
												instancePath: instancePath + "/room",
												schemaPath: "#/properties/room/required",
												keyword: "required",
												params: { missingProperty: missing2 },
												message: "must have required property '" + missing2 + "'"
											}];
											return false;
										} else {
											for (const key2 in data10) if (!(key2 === "temperature" || key2 === "humidity" || key2 === "air")) {
												validate20.errors = [{
													instancePath: instancePath + "/room",
													schemaPath: "#/properties/room/additionalProperties",
													keyword: "additionalProperties",
													params: { additionalProperty: key2 },
													message: "must NOT have additional properties"
												}];
												return false;
											}
											if (data10.temperature !== void 0) {
												let data11 = data10.temperature;
												if (typeof data11 == "number" && isFinite(data11)) {
													if (data11 > 40 || isNaN(data11)) {
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
													} else if (data11 < 5 || isNaN(data11)) {
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
												if (data10.humidity !== void 0) {
													let data12 = data10.humidity;
													if (typeof data12 == "number" && isFinite(data12)) {
														if (data12 > 95 || isNaN(data12)) {
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
														} else if (data12 < 5 || isNaN(data12)) {
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
													if (data10.air !== void 0) {
														let data13 = data10.air;
														if (typeof data13 == "number" && isFinite(data13)) {
															if (data13 > 3 || isNaN(data13)) {
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
															} else if (data13 < .02 || isNaN(data13)) {
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
										let data14 = data.board;
										if (data14 && typeof data14 == "object" && !Array.isArray(data14)) {
											let missing3;
											if (data14.shape === void 0 && (missing3 = "shape") || data14.width === void 0 && (missing3 = "width") || data14.thickness === void 0 && (missing3 = "thickness") || data14.material === void 0 && (missing3 = "material")) {
												validate20.errors = [{
													instancePath: instancePath + "/board",
													schemaPath: "#/properties/board/required",
													keyword: "required",
													params: { missingProperty: missing3 },
													message: "must have required property '" + missing3 + "'"
												}];
												return false;
											} else {
												for (const key3 in data14) if (!(key3 === "shape" || key3 === "width" || key3 === "thickness" || key3 === "material")) {
													validate20.errors = [{
														instancePath: instancePath + "/board",
														schemaPath: "#/properties/board/additionalProperties",
														keyword: "additionalProperties",
														params: { additionalProperty: key3 },
														message: "must NOT have additional properties"
													}];
													return false;
												}
												if (data14.shape !== void 0) {
													let data15 = data14.shape;
													if (typeof data15 !== "string") {
														validate20.errors = [{
															instancePath: instancePath + "/board/shape",
															schemaPath: "#/properties/board/properties/shape/type",
															keyword: "type",
															params: { type: "string" },
															message: "must be string"
														}];
														return false;
													}
													if (!(data15 === "round" || data15 === "square")) {
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
													if (data14.width !== void 0) {
														let data16 = data14.width;
														if (typeof data16 == "number" && isFinite(data16)) {
															if (data16 > 1500 || isNaN(data16)) {
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
															} else if (data16 < 20 || isNaN(data16)) {
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
														if (data14.thickness !== void 0) {
															let data17 = data14.thickness;
															if (typeof data17 == "number" && isFinite(data17)) {
																if (data17 > 60 || isNaN(data17)) {
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
																} else if (data17 < 1 || isNaN(data17)) {
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
															if (data14.material !== void 0) {
																let data18 = data14.material;
																if (typeof data18 !== "string") {
																	validate20.errors = [{
																		instancePath: instancePath + "/board/material",
																		schemaPath: "#/properties/board/properties/material/type",
																		keyword: "type",
																		params: { type: "string" },
																		message: "must be string"
																	}];
																	return false;
																}
																if (!(data18 === "drum" || data18 === "mdf" || data18 === "plywood" || data18 === "foamcore")) {
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
											let data19 = data.blends;
											if (Array.isArray(data19)) {
												if (data19.length > 60) {
													validate20.errors = [{
														instancePath: instancePath + "/blends",
														schemaPath: "#/properties/blends/maxItems",
														keyword: "maxItems",
														params: { limit: 60 },
														message: "must NOT have more than 60 items"
													}];
													return false;
												} else if (data19.length < 1) {
													validate20.errors = [{
														instancePath: instancePath + "/blends",
														schemaPath: "#/properties/blends/minItems",
														keyword: "minItems",
														params: { limit: 1 },
														message: "must NOT have fewer than 1 items"
													}];
													return false;
												} else {
													const len0 = data19.length;
													for (let i0 = 0; i0 < len0; i0++) {
														let data20 = data19[i0];
														if (data20 && typeof data20 == "object" && !Array.isArray(data20)) {
															let missing4;
															if (data20.id === void 0 && (missing4 = "id") || data20.name === void 0 && (missing4 = "name") || data20.base === void 0 && (missing4 = "base") || data20.gumPaste === void 0 && (missing4 = "gumPaste") || data20.powder === void 0 && (missing4 = "powder")) {
																validate20.errors = [{
																	instancePath: instancePath + "/blends/" + i0,
																	schemaPath: "#/properties/blends/items/required",
																	keyword: "required",
																	params: { missingProperty: missing4 },
																	message: "must have required property '" + missing4 + "'"
																}];
																return false;
															} else {
																for (const key4 in data20) if (!func1.call(schema31.properties.blends.items.properties, key4)) {
																	validate20.errors = [{
																		instancePath: instancePath + "/blends/" + i0,
																		schemaPath: "#/properties/blends/items/additionalProperties",
																		keyword: "additionalProperties",
																		params: { additionalProperty: key4 },
																		message: "must NOT have additional properties"
																	}];
																	return false;
																}
																if (data20.id !== void 0) {
																	let data21 = data20.id;
																	if (typeof data21 === "string") {
																		if (!pattern5.test(data21)) {
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
																	if (data20.name !== void 0) {
																		let data22 = data20.name;
																		if (typeof data22 === "string") {
																			if (func2(data22) > 120) {
																				validate20.errors = [{
																					instancePath: instancePath + "/blends/" + i0 + "/name",
																					schemaPath: "#/properties/blends/items/properties/name/maxLength",
																					keyword: "maxLength",
																					params: { limit: 120 },
																					message: "must NOT have more than 120 characters"
																				}];
																				return false;
																			} else if (func2(data22) < 1) {
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
																		if (data20.base !== void 0) {
																			let data23 = data20.base;
																			if (typeof data23 !== "string") {
																				validate20.errors = [{
																					instancePath: instancePath + "/blends/" + i0 + "/base",
																					schemaPath: "#/properties/blends/items/properties/base/type",
																					keyword: "type",
																					params: { type: "string" },
																					message: "must be string"
																				}];
																				return false;
																			}
																			if (!(data23 === "fondant" || data23 === "gumPaste" || data23 === "modellingPaste" || data23 === "marzipan" || data23 === "chocolateDark" || data23 === "chocolateMilk" || data23 === "chocolateWhite" || data23 === "chocolateCompound" || data23 === "royalIcing")) {
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
																			if (data20.gumPaste !== void 0) {
																				let data24 = data20.gumPaste;
																				if (typeof data24 == "number" && isFinite(data24)) {
																					if (data24 > 100 || isNaN(data24)) {
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
																					} else if (data24 < 0 || isNaN(data24)) {
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
																				if (data20.powder !== void 0) {
																					let data25 = data20.powder;
																					if (typeof data25 == "number" && isFinite(data25)) {
																						if (data25 > 5 || isNaN(data25)) {
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
																						} else if (data25 < 0 || isNaN(data25)) {
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
																					if (data20.ratio !== void 0) {
																						let data26 = data20.ratio;
																						if (typeof data26 == "number" && isFinite(data26)) {
																							if (data26 > 8 || isNaN(data26)) {
																								validate20.errors = [{
																									instancePath: instancePath + "/blends/" + i0 + "/ratio",
																									schemaPath: "#/properties/blends/items/properties/ratio/maximum",
																									keyword: "maximum",
																									params: {
																										comparison: "<=",
																										limit: 8
																									},
																									message: "must be <= 8"
																								}];
																								return false;
																							} else if (data26 < 1 || isNaN(data26)) {
																								validate20.errors = [{
																									instancePath: instancePath + "/blends/" + i0 + "/ratio",
																									schemaPath: "#/properties/blends/items/properties/ratio/minimum",
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
																								instancePath: instancePath + "/blends/" + i0 + "/ratio",
																								schemaPath: "#/properties/blends/items/properties/ratio/type",
																								keyword: "type",
																								params: { type: "number" },
																								message: "must be number"
																							}];
																							return false;
																						}
																						var valid5 = true;
																					} else var valid5 = true;
																					if (valid5) {
																						if (data20.density !== void 0) {
																							let data27 = data20.density;
																							if (typeof data27 == "number" && isFinite(data27)) {
																								if (data27 > 1.7 || isNaN(data27)) {
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
																								} else if (data27 < .1 || isNaN(data27)) {
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
																						if (valid5) {
																							if (data20.shrink !== void 0) {
																								let data28 = data20.shrink;
																								if (typeof data28 == "number" && isFinite(data28)) {
																									if (data28 > 10 || isNaN(data28)) {
																										validate20.errors = [{
																											instancePath: instancePath + "/blends/" + i0 + "/shrink",
																											schemaPath: "#/properties/blends/items/properties/shrink/maximum",
																											keyword: "maximum",
																											params: {
																												comparison: "<=",
																												limit: 10
																											},
																											message: "must be <= 10"
																										}];
																										return false;
																									} else if (data28 < 0 || isNaN(data28)) {
																										validate20.errors = [{
																											instancePath: instancePath + "/blends/" + i0 + "/shrink",
																											schemaPath: "#/properties/blends/items/properties/shrink/minimum",
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
																										instancePath: instancePath + "/blends/" + i0 + "/shrink",
																										schemaPath: "#/properties/blends/items/properties/shrink/type",
																										keyword: "type",
																										params: { type: "number" },
																										message: "must be number"
																									}];
																									return false;
																								}
																								var valid5 = true;
																							} else var valid5 = true;
																							if (valid5) {
																								if (data20.job !== void 0) {
																									let data29 = data20.job;
																									if (typeof data29 !== "string") {
																										validate20.errors = [{
																											instancePath: instancePath + "/blends/" + i0 + "/job",
																											schemaPath: "#/properties/blends/items/properties/job/type",
																											keyword: "type",
																											params: { type: "string" },
																											message: "must be string"
																										}];
																										return false;
																									}
																									if (!(data29 === "pose" || data29 === "carry" || data29 === "carve" || data29 === "flex" || data29 === "fingers")) {
																										validate20.errors = [{
																											instancePath: instancePath + "/blends/" + i0 + "/job",
																											schemaPath: "#/properties/blends/items/properties/job/enum",
																											keyword: "enum",
																											params: { allowedValues: schema31.properties.blends.items.properties.job.enum },
																											message: "must be equal to one of the allowed values"
																										}];
																										return false;
																									}
																									var valid5 = true;
																								} else var valid5 = true;
																								if (valid5) {
																									if (data20.own !== void 0) {
																										let data30 = data20.own;
																										if (data30 && typeof data30 == "object" && !Array.isArray(data30)) {
																											let missing5;
																											if (data30.id === void 0 && (missing5 = "id") || data30.name === void 0 && (missing5 = "name") || data30.like === void 0 && (missing5 = "like") || data30.allergens === void 0 && (missing5 = "allergens") || data30.note === void 0 && (missing5 = "note")) {
																												validate20.errors = [{
																													instancePath: instancePath + "/blends/" + i0 + "/own",
																													schemaPath: "#/properties/blends/items/properties/own/required",
																													keyword: "required",
																													params: { missingProperty: missing5 },
																													message: "must have required property '" + missing5 + "'"
																												}];
																												return false;
																											} else {
																												for (const key5 in data30) if (!(key5 === "id" || key5 === "name" || key5 === "like" || key5 === "density" || key5 === "shrink" || key5 === "allergens" || key5 === "note")) {
																													validate20.errors = [{
																														instancePath: instancePath + "/blends/" + i0 + "/own",
																														schemaPath: "#/properties/blends/items/properties/own/additionalProperties",
																														keyword: "additionalProperties",
																														params: { additionalProperty: key5 },
																														message: "must NOT have additional properties"
																													}];
																													return false;
																												}
																												if (data30.id !== void 0) {
																													let data31 = data30.id;
																													if (typeof data31 === "string") {
																														if (!pattern5.test(data31)) {
																															validate20.errors = [{
																																instancePath: instancePath + "/blends/" + i0 + "/own/id",
																																schemaPath: "#/properties/blends/items/properties/own/properties/id/pattern",
																																keyword: "pattern",
																																params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																																message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																															}];
																															return false;
																														}
																													} else {
																														validate20.errors = [{
																															instancePath: instancePath + "/blends/" + i0 + "/own/id",
																															schemaPath: "#/properties/blends/items/properties/own/properties/id/type",
																															keyword: "type",
																															params: { type: "string" },
																															message: "must be string"
																														}];
																														return false;
																													}
																													var valid6 = true;
																												} else var valid6 = true;
																												if (valid6) {
																													if (data30.name !== void 0) {
																														let data32 = data30.name;
																														if (typeof data32 === "string") {
																															if (func2(data32) > 120) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/blends/" + i0 + "/own/name",
																																	schemaPath: "#/properties/blends/items/properties/own/properties/name/maxLength",
																																	keyword: "maxLength",
																																	params: { limit: 120 },
																																	message: "must NOT have more than 120 characters"
																																}];
																																return false;
																															} else if (func2(data32) < 1) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/blends/" + i0 + "/own/name",
																																	schemaPath: "#/properties/blends/items/properties/own/properties/name/minLength",
																																	keyword: "minLength",
																																	params: { limit: 1 },
																																	message: "must NOT have fewer than 1 characters"
																																}];
																																return false;
																															}
																														} else {
																															validate20.errors = [{
																																instancePath: instancePath + "/blends/" + i0 + "/own/name",
																																schemaPath: "#/properties/blends/items/properties/own/properties/name/type",
																																keyword: "type",
																																params: { type: "string" },
																																message: "must be string"
																															}];
																															return false;
																														}
																														var valid6 = true;
																													} else var valid6 = true;
																													if (valid6) {
																														if (data30.like !== void 0) {
																															let data33 = data30.like;
																															if (typeof data33 !== "string") {
																																validate20.errors = [{
																																	instancePath: instancePath + "/blends/" + i0 + "/own/like",
																																	schemaPath: "#/properties/blends/items/properties/own/properties/like/type",
																																	keyword: "type",
																																	params: { type: "string" },
																																	message: "must be string"
																																}];
																																return false;
																															}
																															if (!(data33 === "fondant" || data33 === "gumPaste" || data33 === "modellingPaste" || data33 === "marzipan" || data33 === "chocolateDark" || data33 === "chocolateMilk" || data33 === "chocolateWhite" || data33 === "chocolateCompound" || data33 === "royalIcing")) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/blends/" + i0 + "/own/like",
																																	schemaPath: "#/properties/blends/items/properties/own/properties/like/enum",
																																	keyword: "enum",
																																	params: { allowedValues: schema31.properties.blends.items.properties.own.properties.like.enum },
																																	message: "must be equal to one of the allowed values"
																																}];
																																return false;
																															}
																															var valid6 = true;
																														} else var valid6 = true;
																														if (valid6) {
																															if (data30.density !== void 0) {
																																let data34 = data30.density;
																																if (typeof data34 == "number" && isFinite(data34)) {
																																	if (data34 > 1.7 || isNaN(data34)) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/blends/" + i0 + "/own/density",
																																			schemaPath: "#/properties/blends/items/properties/own/properties/density/maximum",
																																			keyword: "maximum",
																																			params: {
																																				comparison: "<=",
																																				limit: 1.7
																																			},
																																			message: "must be <= 1.7"
																																		}];
																																		return false;
																																	} else if (data34 < .1 || isNaN(data34)) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/blends/" + i0 + "/own/density",
																																			schemaPath: "#/properties/blends/items/properties/own/properties/density/minimum",
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
																																		instancePath: instancePath + "/blends/" + i0 + "/own/density",
																																		schemaPath: "#/properties/blends/items/properties/own/properties/density/type",
																																		keyword: "type",
																																		params: { type: "number" },
																																		message: "must be number"
																																	}];
																																	return false;
																																}
																																var valid6 = true;
																															} else var valid6 = true;
																															if (valid6) {
																																if (data30.shrink !== void 0) {
																																	let data35 = data30.shrink;
																																	if (typeof data35 == "number" && isFinite(data35)) {
																																		if (data35 > 10 || isNaN(data35)) {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/blends/" + i0 + "/own/shrink",
																																				schemaPath: "#/properties/blends/items/properties/own/properties/shrink/maximum",
																																				keyword: "maximum",
																																				params: {
																																					comparison: "<=",
																																					limit: 10
																																				},
																																				message: "must be <= 10"
																																			}];
																																			return false;
																																		} else if (data35 < 0 || isNaN(data35)) {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/blends/" + i0 + "/own/shrink",
																																				schemaPath: "#/properties/blends/items/properties/own/properties/shrink/minimum",
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
																																			instancePath: instancePath + "/blends/" + i0 + "/own/shrink",
																																			schemaPath: "#/properties/blends/items/properties/own/properties/shrink/type",
																																			keyword: "type",
																																			params: { type: "number" },
																																			message: "must be number"
																																		}];
																																		return false;
																																	}
																																	var valid6 = true;
																																} else var valid6 = true;
																																if (valid6) {
																																	if (data30.allergens !== void 0) {
																																		let data36 = data30.allergens;
																																		if (Array.isArray(data36)) {
																																			if (data36.length > 20) {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/blends/" + i0 + "/own/allergens",
																																					schemaPath: "#/properties/blends/items/properties/own/properties/allergens/maxItems",
																																					keyword: "maxItems",
																																					params: { limit: 20 },
																																					message: "must NOT have more than 20 items"
																																				}];
																																				return false;
																																			} else if (data36.length < 0) {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/blends/" + i0 + "/own/allergens",
																																					schemaPath: "#/properties/blends/items/properties/own/properties/allergens/minItems",
																																					keyword: "minItems",
																																					params: { limit: 0 },
																																					message: "must NOT have fewer than 0 items"
																																				}];
																																				return false;
																																			} else {
																																				const len1 = data36.length;
																																				for (let i1 = 0; i1 < len1; i1++) {
																																					let data37 = data36[i1];
																																					if (typeof data37 === "string") {
																																						if (func2(data37) > 60) {
																																							validate20.errors = [{
																																								instancePath: instancePath + "/blends/" + i0 + "/own/allergens/" + i1,
																																								schemaPath: "#/properties/blends/items/properties/own/properties/allergens/items/maxLength",
																																								keyword: "maxLength",
																																								params: { limit: 60 },
																																								message: "must NOT have more than 60 characters"
																																							}];
																																							return false;
																																						}
																																					} else {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/blends/" + i0 + "/own/allergens/" + i1,
																																							schemaPath: "#/properties/blends/items/properties/own/properties/allergens/items/type",
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
																																				instancePath: instancePath + "/blends/" + i0 + "/own/allergens",
																																				schemaPath: "#/properties/blends/items/properties/own/properties/allergens/type",
																																				keyword: "type",
																																				params: { type: "array" },
																																				message: "must be array"
																																			}];
																																			return false;
																																		}
																																		var valid6 = true;
																																	} else var valid6 = true;
																																	if (valid6) {
																																		if (data30.note !== void 0) {
																																			let data38 = data30.note;
																																			if (typeof data38 === "string") {
																																				if (func2(data38) > 1e3) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/blends/" + i0 + "/own/note",
																																						schemaPath: "#/properties/blends/items/properties/own/properties/note/maxLength",
																																						keyword: "maxLength",
																																						params: { limit: 1e3 },
																																						message: "must NOT have more than 1000 characters"
																																					}];
																																					return false;
																																				}
																																			} else {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/blends/" + i0 + "/own/note",
																																					schemaPath: "#/properties/blends/items/properties/own/properties/note/type",
																																					keyword: "type",
																																					params: { type: "string" },
																																					message: "must be string"
																																				}];
																																				return false;
																																			}
																																			var valid6 = true;
																																		} else var valid6 = true;
																																	}
																																}
																															}
																														}
																													}
																												}
																											}
																										} else {
																											validate20.errors = [{
																												instancePath: instancePath + "/blends/" + i0 + "/own",
																												schemaPath: "#/properties/blends/items/properties/own/type",
																												keyword: "type",
																												params: { type: "object" },
																												message: "must be object"
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
												let data39 = data.colours;
												if (Array.isArray(data39)) {
													if (data39.length > 200) {
														validate20.errors = [{
															instancePath: instancePath + "/colours",
															schemaPath: "#/properties/colours/maxItems",
															keyword: "maxItems",
															params: { limit: 200 },
															message: "must NOT have more than 200 items"
														}];
														return false;
													} else if (data39.length < 1) {
														validate20.errors = [{
															instancePath: instancePath + "/colours",
															schemaPath: "#/properties/colours/minItems",
															keyword: "minItems",
															params: { limit: 1 },
															message: "must NOT have fewer than 1 items"
														}];
														return false;
													} else {
														const len2 = data39.length;
														for (let i2 = 0; i2 < len2; i2++) {
															let data40 = data39[i2];
															if (data40 && typeof data40 == "object" && !Array.isArray(data40)) {
																let missing6;
																if (data40.id === void 0 && (missing6 = "id") || data40.name === void 0 && (missing6 = "name") || data40.hex === void 0 && (missing6 = "hex")) {
																	validate20.errors = [{
																		instancePath: instancePath + "/colours/" + i2,
																		schemaPath: "#/properties/colours/items/required",
																		keyword: "required",
																		params: { missingProperty: missing6 },
																		message: "must have required property '" + missing6 + "'"
																	}];
																	return false;
																} else {
																	for (const key6 in data40) if (!(key6 === "id" || key6 === "name" || key6 === "hex")) {
																		validate20.errors = [{
																			instancePath: instancePath + "/colours/" + i2,
																			schemaPath: "#/properties/colours/items/additionalProperties",
																			keyword: "additionalProperties",
																			params: { additionalProperty: key6 },
																			message: "must NOT have additional properties"
																		}];
																		return false;
																	}
																	if (data40.id !== void 0) {
																		let data41 = data40.id;
																		if (typeof data41 === "string") {
																			if (!pattern5.test(data41)) {
																				validate20.errors = [{
																					instancePath: instancePath + "/colours/" + i2 + "/id",
																					schemaPath: "#/properties/colours/items/properties/id/pattern",
																					keyword: "pattern",
																					params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																					message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																				}];
																				return false;
																			}
																		} else {
																			validate20.errors = [{
																				instancePath: instancePath + "/colours/" + i2 + "/id",
																				schemaPath: "#/properties/colours/items/properties/id/type",
																				keyword: "type",
																				params: { type: "string" },
																				message: "must be string"
																			}];
																			return false;
																		}
																		var valid9 = true;
																	} else var valid9 = true;
																	if (valid9) {
																		if (data40.name !== void 0) {
																			let data42 = data40.name;
																			if (typeof data42 === "string") {
																				if (func2(data42) > 120) {
																					validate20.errors = [{
																						instancePath: instancePath + "/colours/" + i2 + "/name",
																						schemaPath: "#/properties/colours/items/properties/name/maxLength",
																						keyword: "maxLength",
																						params: { limit: 120 },
																						message: "must NOT have more than 120 characters"
																					}];
																					return false;
																				} else if (func2(data42) < 1) {
																					validate20.errors = [{
																						instancePath: instancePath + "/colours/" + i2 + "/name",
																						schemaPath: "#/properties/colours/items/properties/name/minLength",
																						keyword: "minLength",
																						params: { limit: 1 },
																						message: "must NOT have fewer than 1 characters"
																					}];
																					return false;
																				}
																			} else {
																				validate20.errors = [{
																					instancePath: instancePath + "/colours/" + i2 + "/name",
																					schemaPath: "#/properties/colours/items/properties/name/type",
																					keyword: "type",
																					params: { type: "string" },
																					message: "must be string"
																				}];
																				return false;
																			}
																			var valid9 = true;
																		} else var valid9 = true;
																		if (valid9) {
																			if (data40.hex !== void 0) {
																				let data43 = data40.hex;
																				if (typeof data43 === "string") {
																					if (!pattern8.test(data43)) {
																						validate20.errors = [{
																							instancePath: instancePath + "/colours/" + i2 + "/hex",
																							schemaPath: "#/properties/colours/items/properties/hex/pattern",
																							keyword: "pattern",
																							params: { pattern: "^#[0-9a-fA-F]{6}$" },
																							message: "must match pattern \"^#[0-9a-fA-F]{6}$\""
																						}];
																						return false;
																					}
																				} else {
																					validate20.errors = [{
																						instancePath: instancePath + "/colours/" + i2 + "/hex",
																						schemaPath: "#/properties/colours/items/properties/hex/type",
																						keyword: "type",
																						params: { type: "string" },
																						message: "must be string"
																					}];
																					return false;
																				}
																				var valid9 = true;
																			} else var valid9 = true;
																		}
																	}
																}
															} else {
																validate20.errors = [{
																	instancePath: instancePath + "/colours/" + i2,
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
													let data44 = data.pieces;
													if (Array.isArray(data44)) {
														if (data44.length > 600) {
															validate20.errors = [{
																instancePath: instancePath + "/pieces",
																schemaPath: "#/properties/pieces/maxItems",
																keyword: "maxItems",
																params: { limit: 600 },
																message: "must NOT have more than 600 items"
															}];
															return false;
														} else if (data44.length < 0) {
															validate20.errors = [{
																instancePath: instancePath + "/pieces",
																schemaPath: "#/properties/pieces/minItems",
																keyword: "minItems",
																params: { limit: 0 },
																message: "must NOT have fewer than 0 items"
															}];
															return false;
														} else {
															const len3 = data44.length;
															for (let i3 = 0; i3 < len3; i3++) {
																let data45 = data44[i3];
																if (data45 && typeof data45 == "object" && !Array.isArray(data45)) {
																	let missing7;
																	if (data45.id === void 0 && (missing7 = "id") || data45.name === void 0 && (missing7 = "name") || data45.form === void 0 && (missing7 = "form") || data45.blend === void 0 && (missing7 = "blend") || data45.colour === void 0 && (missing7 = "colour") || data45.seat === void 0 && (missing7 = "seat") || data45.pair === void 0 && (missing7 = "pair") || data45.count === void 0 && (missing7 = "count") || data45.texture === void 0 && (missing7 = "texture") || data45.core === void 0 && (missing7 = "core") || data45.tolerance === void 0 && (missing7 = "tolerance") || data45.hidden === void 0 && (missing7 = "hidden") || data45.breaks === void 0 && (missing7 = "breaks")) {
																		validate20.errors = [{
																			instancePath: instancePath + "/pieces/" + i3,
																			schemaPath: "#/properties/pieces/items/required",
																			keyword: "required",
																			params: { missingProperty: missing7 },
																			message: "must have required property '" + missing7 + "'"
																		}];
																		return false;
																	} else {
																		for (const key7 in data45) if (!func1.call(schema31.properties.pieces.items.properties, key7)) {
																			validate20.errors = [{
																				instancePath: instancePath + "/pieces/" + i3,
																				schemaPath: "#/properties/pieces/items/additionalProperties",
																				keyword: "additionalProperties",
																				params: { additionalProperty: key7 },
																				message: "must NOT have additional properties"
																			}];
																			return false;
																		}
																		if (data45.id !== void 0) {
																			let data46 = data45.id;
																			if (typeof data46 === "string") {
																				if (!pattern5.test(data46)) {
																					validate20.errors = [{
																						instancePath: instancePath + "/pieces/" + i3 + "/id",
																						schemaPath: "#/properties/pieces/items/properties/id/pattern",
																						keyword: "pattern",
																						params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																						message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																					}];
																					return false;
																				}
																			} else {
																				validate20.errors = [{
																					instancePath: instancePath + "/pieces/" + i3 + "/id",
																					schemaPath: "#/properties/pieces/items/properties/id/type",
																					keyword: "type",
																					params: { type: "string" },
																					message: "must be string"
																				}];
																				return false;
																			}
																			var valid11 = true;
																		} else var valid11 = true;
																		if (valid11) {
																			if (data45.name !== void 0) {
																				let data47 = data45.name;
																				if (typeof data47 === "string") {
																					if (func2(data47) > 120) {
																						validate20.errors = [{
																							instancePath: instancePath + "/pieces/" + i3 + "/name",
																							schemaPath: "#/properties/pieces/items/properties/name/maxLength",
																							keyword: "maxLength",
																							params: { limit: 120 },
																							message: "must NOT have more than 120 characters"
																						}];
																						return false;
																					} else if (func2(data47) < 1) {
																						validate20.errors = [{
																							instancePath: instancePath + "/pieces/" + i3 + "/name",
																							schemaPath: "#/properties/pieces/items/properties/name/minLength",
																							keyword: "minLength",
																							params: { limit: 1 },
																							message: "must NOT have fewer than 1 characters"
																						}];
																						return false;
																					}
																				} else {
																					validate20.errors = [{
																						instancePath: instancePath + "/pieces/" + i3 + "/name",
																						schemaPath: "#/properties/pieces/items/properties/name/type",
																						keyword: "type",
																						params: { type: "string" },
																						message: "must be string"
																					}];
																					return false;
																				}
																				var valid11 = true;
																			} else var valid11 = true;
																			if (valid11) {
																				if (data45.form !== void 0) {
																					let data48 = data45.form;
																					if (data48 && typeof data48 == "object" && !Array.isArray(data48)) {
																						let missing8;
																						if (data48.kind === void 0 && (missing8 = "kind") || data48.sizes === void 0 && (missing8 = "sizes")) {
																							validate20.errors = [{
																								instancePath: instancePath + "/pieces/" + i3 + "/form",
																								schemaPath: "#/properties/pieces/items/properties/form/required",
																								keyword: "required",
																								params: { missingProperty: missing8 },
																								message: "must have required property '" + missing8 + "'"
																							}];
																							return false;
																						} else {
																							for (const key8 in data48) if (!(key8 === "kind" || key8 === "sizes" || key8 === "outline" || key8 === "curves" || key8 === "coat" || key8 === "solid")) {
																								validate20.errors = [{
																									instancePath: instancePath + "/pieces/" + i3 + "/form",
																									schemaPath: "#/properties/pieces/items/properties/form/additionalProperties",
																									keyword: "additionalProperties",
																									params: { additionalProperty: key8 },
																									message: "must NOT have additional properties"
																								}];
																								return false;
																							}
																							if (data48.kind !== void 0) {
																								let data49 = data48.kind;
																								if (typeof data49 !== "string") {
																									validate20.errors = [{
																										instancePath: instancePath + "/pieces/" + i3 + "/form/kind",
																										schemaPath: "#/properties/pieces/items/properties/form/properties/kind/type",
																										keyword: "type",
																										params: { type: "string" },
																										message: "must be string"
																									}];
																									return false;
																								}
																								if (!(data49 === "ball" || data49 === "ellipsoid" || data49 === "egg" || data49 === "teardrop" || data49 === "cone" || data49 === "truncatedCone" || data49 === "dome" || data49 === "disc" || data49 === "roundedBlock" || data49 === "rope" || data49 === "taperedRope" || data49 === "skinOverBall" || data49 === "bentRope" || data49 === "ring" || data49 === "paddleHand" || data49 === "sheet" || data49 === "strip" || data49 === "ruffle" || data49 === "flounce" || data49 === "scales" || data49 === "strands" || data49 === "pearls" || data49 === "stitches" || data49 === "lathe" || data49 === "traced" || data49 === "imported")) {
																									validate20.errors = [{
																										instancePath: instancePath + "/pieces/" + i3 + "/form/kind",
																										schemaPath: "#/properties/pieces/items/properties/form/properties/kind/enum",
																										keyword: "enum",
																										params: { allowedValues: schema31.properties.pieces.items.properties.form.properties.kind.enum },
																										message: "must be equal to one of the allowed values"
																									}];
																									return false;
																								}
																								var valid12 = true;
																							} else var valid12 = true;
																							if (valid12) {
																								if (data48.sizes !== void 0) {
																									let data50 = data48.sizes;
																									if (data50 && typeof data50 == "object" && !Array.isArray(data50)) {
																										if (Object.keys(data50).length > 12) {
																											validate20.errors = [{
																												instancePath: instancePath + "/pieces/" + i3 + "/form/sizes",
																												schemaPath: "#/properties/pieces/items/properties/form/properties/sizes/maxProperties",
																												keyword: "maxProperties",
																												params: { limit: 12 },
																												message: "must NOT have more than 12 properties"
																											}];
																											return false;
																										} else for (const key9 in data50) {
																											let data51 = data50[key9];
																											if (!(typeof data51 == "number" && isFinite(data51))) {
																												validate20.errors = [{
																													instancePath: instancePath + "/pieces/" + i3 + "/form/sizes/" + key9.replace(/~/g, "~0").replace(/\//g, "~1"),
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
																											instancePath: instancePath + "/pieces/" + i3 + "/form/sizes",
																											schemaPath: "#/properties/pieces/items/properties/form/properties/sizes/type",
																											keyword: "type",
																											params: { type: "object" },
																											message: "must be object"
																										}];
																										return false;
																									}
																									var valid12 = true;
																								} else var valid12 = true;
																								if (valid12) {
																									if (data48.outline !== void 0) {
																										let data52 = data48.outline;
																										if (typeof data52 !== "string") {
																											validate20.errors = [{
																												instancePath: instancePath + "/pieces/" + i3 + "/form/outline",
																												schemaPath: "#/properties/pieces/items/properties/form/properties/outline/type",
																												keyword: "type",
																												params: { type: "string" },
																												message: "must be string"
																											}];
																											return false;
																										}
																										if (!(data52 === "rectangle" || data52 === "oval" || data52 === "leaf" || data52 === "triangle" || data52 === "wedge" || data52 === "heart")) {
																											validate20.errors = [{
																												instancePath: instancePath + "/pieces/" + i3 + "/form/outline",
																												schemaPath: "#/properties/pieces/items/properties/form/properties/outline/enum",
																												keyword: "enum",
																												params: { allowedValues: schema31.properties.pieces.items.properties.form.properties.outline.enum },
																												message: "must be equal to one of the allowed values"
																											}];
																											return false;
																										}
																										var valid12 = true;
																									} else var valid12 = true;
																									if (valid12) {
																										if (data48.curves !== void 0) {
																											let data53 = data48.curves;
																											if (data53 && typeof data53 == "object" && !Array.isArray(data53)) {
																												for (const key10 in data53) if (!pattern10.test(key10)) {
																													validate20.errors = [{
																														instancePath: instancePath + "/pieces/" + i3 + "/form/curves",
																														schemaPath: "#/properties/pieces/items/properties/form/properties/curves/additionalProperties",
																														keyword: "additionalProperties",
																														params: { additionalProperty: key10 },
																														message: "must NOT have additional properties"
																													}];
																													return false;
																												}
																												for (const key11 in data53) if (pattern10.test(key11)) {
																													let data54 = data53[key11];
																													if (Array.isArray(data54)) {
																														if (data54.length > 200) {
																															validate20.errors = [{
																																instancePath: instancePath + "/pieces/" + i3 + "/form/curves/" + key11.replace(/~/g, "~0").replace(/\//g, "~1"),
																																schemaPath: "#/properties/pieces/items/properties/form/properties/curves/patternProperties/%5E(edge%7Cfront%7Cside%7Cprofile%7Chole%5B1-9%5D)%24/maxItems",
																																keyword: "maxItems",
																																params: { limit: 200 },
																																message: "must NOT have more than 200 items"
																															}];
																															return false;
																														} else if (data54.length < 2) {
																															validate20.errors = [{
																																instancePath: instancePath + "/pieces/" + i3 + "/form/curves/" + key11.replace(/~/g, "~0").replace(/\//g, "~1"),
																																schemaPath: "#/properties/pieces/items/properties/form/properties/curves/patternProperties/%5E(edge%7Cfront%7Cside%7Cprofile%7Chole%5B1-9%5D)%24/minItems",
																																keyword: "minItems",
																																params: { limit: 2 },
																																message: "must NOT have fewer than 2 items"
																															}];
																															return false;
																														} else {
																															const len4 = data54.length;
																															for (let i4 = 0; i4 < len4; i4++) {
																																let data55 = data54[i4];
																																if (Array.isArray(data55)) {
																																	if (data55.length > 3) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/pieces/" + i3 + "/form/curves/" + key11.replace(/~/g, "~0").replace(/\//g, "~1") + "/" + i4,
																																			schemaPath: "#/properties/pieces/items/properties/form/properties/curves/patternProperties/%5E(edge%7Cfront%7Cside%7Cprofile%7Chole%5B1-9%5D)%24/items/maxItems",
																																			keyword: "maxItems",
																																			params: { limit: 3 },
																																			message: "must NOT have more than 3 items"
																																		}];
																																		return false;
																																	} else if (data55.length < 2) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/pieces/" + i3 + "/form/curves/" + key11.replace(/~/g, "~0").replace(/\//g, "~1") + "/" + i4,
																																			schemaPath: "#/properties/pieces/items/properties/form/properties/curves/patternProperties/%5E(edge%7Cfront%7Cside%7Cprofile%7Chole%5B1-9%5D)%24/items/minItems",
																																			keyword: "minItems",
																																			params: { limit: 2 },
																																			message: "must NOT have fewer than 2 items"
																																		}];
																																		return false;
																																	} else {
																																		const len5 = data55.length;
																																		for (let i5 = 0; i5 < len5; i5++) {
																																			let data56 = data55[i5];
																																			if (typeof data56 == "number" && isFinite(data56)) {
																																				if (data56 > 4 || isNaN(data56)) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/pieces/" + i3 + "/form/curves/" + key11.replace(/~/g, "~0").replace(/\//g, "~1") + "/" + i4 + "/" + i5,
																																						schemaPath: "#/properties/pieces/items/properties/form/properties/curves/patternProperties/%5E(edge%7Cfront%7Cside%7Cprofile%7Chole%5B1-9%5D)%24/items/items/maximum",
																																						keyword: "maximum",
																																						params: {
																																							comparison: "<=",
																																							limit: 4
																																						},
																																						message: "must be <= 4"
																																					}];
																																					return false;
																																				} else if (data56 < -4 || isNaN(data56)) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/pieces/" + i3 + "/form/curves/" + key11.replace(/~/g, "~0").replace(/\//g, "~1") + "/" + i4 + "/" + i5,
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
																																					instancePath: instancePath + "/pieces/" + i3 + "/form/curves/" + key11.replace(/~/g, "~0").replace(/\//g, "~1") + "/" + i4 + "/" + i5,
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
																																		instancePath: instancePath + "/pieces/" + i3 + "/form/curves/" + key11.replace(/~/g, "~0").replace(/\//g, "~1") + "/" + i4,
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
																															instancePath: instancePath + "/pieces/" + i3 + "/form/curves/" + key11.replace(/~/g, "~0").replace(/\//g, "~1"),
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
																													instancePath: instancePath + "/pieces/" + i3 + "/form/curves",
																													schemaPath: "#/properties/pieces/items/properties/form/properties/curves/type",
																													keyword: "type",
																													params: { type: "object" },
																													message: "must be object"
																												}];
																												return false;
																											}
																											var valid12 = true;
																										} else var valid12 = true;
																										if (valid12) {
																											if (data48.coat !== void 0) {
																												let data57 = data48.coat;
																												if (data57 && typeof data57 == "object" && !Array.isArray(data57)) {
																													let missing9;
																													if (data57.thickness === void 0 && (missing9 = "thickness") || data57.under === void 0 && (missing9 = "under")) {
																														validate20.errors = [{
																															instancePath: instancePath + "/pieces/" + i3 + "/form/coat",
																															schemaPath: "#/properties/pieces/items/properties/form/properties/coat/required",
																															keyword: "required",
																															params: { missingProperty: missing9 },
																															message: "must have required property '" + missing9 + "'"
																														}];
																														return false;
																													} else {
																														for (const key12 in data57) if (!(key12 === "thickness" || key12 === "under")) {
																															validate20.errors = [{
																																instancePath: instancePath + "/pieces/" + i3 + "/form/coat",
																																schemaPath: "#/properties/pieces/items/properties/form/properties/coat/additionalProperties",
																																keyword: "additionalProperties",
																																params: { additionalProperty: key12 },
																																message: "must NOT have additional properties"
																															}];
																															return false;
																														}
																														if (data57.thickness !== void 0) {
																															let data58 = data57.thickness;
																															if (typeof data58 == "number" && isFinite(data58)) {
																																if (data58 > 100 || isNaN(data58)) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/pieces/" + i3 + "/form/coat/thickness",
																																		schemaPath: "#/properties/pieces/items/properties/form/properties/coat/properties/thickness/maximum",
																																		keyword: "maximum",
																																		params: {
																																			comparison: "<=",
																																			limit: 100
																																		},
																																		message: "must be <= 100"
																																	}];
																																	return false;
																																} else if (data58 < .1 || isNaN(data58)) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/pieces/" + i3 + "/form/coat/thickness",
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
																																	instancePath: instancePath + "/pieces/" + i3 + "/form/coat/thickness",
																																	schemaPath: "#/properties/pieces/items/properties/form/properties/coat/properties/thickness/type",
																																	keyword: "type",
																																	params: { type: "number" },
																																	message: "must be number"
																																}];
																																return false;
																															}
																															var valid17 = true;
																														} else var valid17 = true;
																														if (valid17) {
																															if (data57.under !== void 0) {
																																if (typeof data57.under !== "boolean") {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/pieces/" + i3 + "/form/coat/under",
																																		schemaPath: "#/properties/pieces/items/properties/form/properties/coat/properties/under/type",
																																		keyword: "type",
																																		params: { type: "boolean" },
																																		message: "must be boolean"
																																	}];
																																	return false;
																																}
																																var valid17 = true;
																															} else var valid17 = true;
																														}
																													}
																												} else {
																													validate20.errors = [{
																														instancePath: instancePath + "/pieces/" + i3 + "/form/coat",
																														schemaPath: "#/properties/pieces/items/properties/form/properties/coat/type",
																														keyword: "type",
																														params: { type: "object" },
																														message: "must be object"
																													}];
																													return false;
																												}
																												var valid12 = true;
																											} else var valid12 = true;
																											if (valid12) {
																												if (data48.solid !== void 0) {
																													let data60 = data48.solid;
																													if (data60 && typeof data60 == "object" && !Array.isArray(data60)) {
																														let missing10;
																														if (data60.name === void 0 && (missing10 = "name") || data60.corners === void 0 && (missing10 = "corners") || data60.faces === void 0 && (missing10 = "faces") || data60.fills === void 0 && (missing10 = "fills") || data60.centre === void 0 && (missing10 = "centre") || data60.watertight === void 0 && (missing10 = "watertight")) {
																															validate20.errors = [{
																																instancePath: instancePath + "/pieces/" + i3 + "/form/solid",
																																schemaPath: "#/properties/pieces/items/properties/form/properties/solid/required",
																																keyword: "required",
																																params: { missingProperty: missing10 },
																																message: "must have required property '" + missing10 + "'"
																															}];
																															return false;
																														} else {
																															for (const key13 in data60) if (!(key13 === "name" || key13 === "corners" || key13 === "faces" || key13 === "fills" || key13 === "centre" || key13 === "watertight")) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/pieces/" + i3 + "/form/solid",
																																	schemaPath: "#/properties/pieces/items/properties/form/properties/solid/additionalProperties",
																																	keyword: "additionalProperties",
																																	params: { additionalProperty: key13 },
																																	message: "must NOT have additional properties"
																																}];
																																return false;
																															}
																															if (data60.name !== void 0) {
																																let data61 = data60.name;
																																if (typeof data61 === "string") {
																																	if (func2(data61) > 120) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/pieces/" + i3 + "/form/solid/name",
																																			schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/name/maxLength",
																																			keyword: "maxLength",
																																			params: { limit: 120 },
																																			message: "must NOT have more than 120 characters"
																																		}];
																																		return false;
																																	} else if (func2(data61) < 1) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/pieces/" + i3 + "/form/solid/name",
																																			schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/name/minLength",
																																			keyword: "minLength",
																																			params: { limit: 1 },
																																			message: "must NOT have fewer than 1 characters"
																																		}];
																																		return false;
																																	}
																																} else {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/pieces/" + i3 + "/form/solid/name",
																																		schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/name/type",
																																		keyword: "type",
																																		params: { type: "string" },
																																		message: "must be string"
																																	}];
																																	return false;
																																}
																																var valid18 = true;
																															} else var valid18 = true;
																															if (valid18) {
																																if (data60.corners !== void 0) {
																																	let data62 = data60.corners;
																																	if (Array.isArray(data62)) {
																																		if (data62.length > 6e4) {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/pieces/" + i3 + "/form/solid/corners",
																																				schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/corners/maxItems",
																																				keyword: "maxItems",
																																				params: { limit: 6e4 },
																																				message: "must NOT have more than 60000 items"
																																			}];
																																			return false;
																																		} else if (data62.length < 12) {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/pieces/" + i3 + "/form/solid/corners",
																																				schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/corners/minItems",
																																				keyword: "minItems",
																																				params: { limit: 12 },
																																				message: "must NOT have fewer than 12 items"
																																			}];
																																			return false;
																																		} else {
																																			const len6 = data62.length;
																																			for (let i6 = 0; i6 < len6; i6++) {
																																				let data63 = data62[i6];
																																				if (!(typeof data63 == "number" && !(data63 % 1) && !isNaN(data63) && isFinite(data63))) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/pieces/" + i3 + "/form/solid/corners/" + i6,
																																						schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/corners/items/type",
																																						keyword: "type",
																																						params: { type: "integer" },
																																						message: "must be integer"
																																					}];
																																					return false;
																																				}
																																				if (typeof data63 == "number" && isFinite(data63)) {
																																					if (data63 > 1e4 || isNaN(data63)) {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/pieces/" + i3 + "/form/solid/corners/" + i6,
																																							schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/corners/items/maximum",
																																							keyword: "maximum",
																																							params: {
																																								comparison: "<=",
																																								limit: 1e4
																																							},
																																							message: "must be <= 10000"
																																						}];
																																						return false;
																																					} else if (data63 < 0 || isNaN(data63)) {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/pieces/" + i3 + "/form/solid/corners/" + i6,
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
																																			instancePath: instancePath + "/pieces/" + i3 + "/form/solid/corners",
																																			schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/corners/type",
																																			keyword: "type",
																																			params: { type: "array" },
																																			message: "must be array"
																																		}];
																																		return false;
																																	}
																																	var valid18 = true;
																																} else var valid18 = true;
																																if (valid18) {
																																	if (data60.faces !== void 0) {
																																		let data64 = data60.faces;
																																		if (Array.isArray(data64)) {
																																			if (data64.length > 6e4) {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/pieces/" + i3 + "/form/solid/faces",
																																					schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/faces/maxItems",
																																					keyword: "maxItems",
																																					params: { limit: 6e4 },
																																					message: "must NOT have more than 60000 items"
																																				}];
																																				return false;
																																			} else if (data64.length < 12) {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/pieces/" + i3 + "/form/solid/faces",
																																					schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/faces/minItems",
																																					keyword: "minItems",
																																					params: { limit: 12 },
																																					message: "must NOT have fewer than 12 items"
																																				}];
																																				return false;
																																			} else {
																																				const len7 = data64.length;
																																				for (let i7 = 0; i7 < len7; i7++) {
																																					let data65 = data64[i7];
																																					if (!(typeof data65 == "number" && !(data65 % 1) && !isNaN(data65) && isFinite(data65))) {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/pieces/" + i3 + "/form/solid/faces/" + i7,
																																							schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/faces/items/type",
																																							keyword: "type",
																																							params: { type: "integer" },
																																							message: "must be integer"
																																						}];
																																						return false;
																																					}
																																					if (typeof data65 == "number" && isFinite(data65)) {
																																						if (data65 > 2e4 || isNaN(data65)) {
																																							validate20.errors = [{
																																								instancePath: instancePath + "/pieces/" + i3 + "/form/solid/faces/" + i7,
																																								schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/faces/items/maximum",
																																								keyword: "maximum",
																																								params: {
																																									comparison: "<=",
																																									limit: 2e4
																																								},
																																								message: "must be <= 20000"
																																							}];
																																							return false;
																																						} else if (data65 < 0 || isNaN(data65)) {
																																							validate20.errors = [{
																																								instancePath: instancePath + "/pieces/" + i3 + "/form/solid/faces/" + i7,
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
																																				instancePath: instancePath + "/pieces/" + i3 + "/form/solid/faces",
																																				schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/faces/type",
																																				keyword: "type",
																																				params: { type: "array" },
																																				message: "must be array"
																																			}];
																																			return false;
																																		}
																																		var valid18 = true;
																																	} else var valid18 = true;
																																	if (valid18) {
																																		if (data60.fills !== void 0) {
																																			let data66 = data60.fills;
																																			if (typeof data66 == "number" && isFinite(data66)) {
																																				if (data66 > 1 || isNaN(data66)) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/pieces/" + i3 + "/form/solid/fills",
																																						schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/fills/maximum",
																																						keyword: "maximum",
																																						params: {
																																							comparison: "<=",
																																							limit: 1
																																						},
																																						message: "must be <= 1"
																																					}];
																																					return false;
																																				} else if (data66 < 0 || isNaN(data66)) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/pieces/" + i3 + "/form/solid/fills",
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
																																					instancePath: instancePath + "/pieces/" + i3 + "/form/solid/fills",
																																					schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/fills/type",
																																					keyword: "type",
																																					params: { type: "number" },
																																					message: "must be number"
																																				}];
																																				return false;
																																			}
																																			var valid18 = true;
																																		} else var valid18 = true;
																																		if (valid18) {
																																			if (data60.centre !== void 0) {
																																				let data67 = data60.centre;
																																				if (Array.isArray(data67)) {
																																					if (data67.length > 3) {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/pieces/" + i3 + "/form/solid/centre",
																																							schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/centre/maxItems",
																																							keyword: "maxItems",
																																							params: { limit: 3 },
																																							message: "must NOT have more than 3 items"
																																						}];
																																						return false;
																																					} else if (data67.length < 3) {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/pieces/" + i3 + "/form/solid/centre",
																																							schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/centre/minItems",
																																							keyword: "minItems",
																																							params: { limit: 3 },
																																							message: "must NOT have fewer than 3 items"
																																						}];
																																						return false;
																																					} else {
																																						const len8 = data67.length;
																																						for (let i8 = 0; i8 < len8; i8++) {
																																							let data68 = data67[i8];
																																							if (typeof data68 == "number" && isFinite(data68)) {
																																								if (data68 > 2 || isNaN(data68)) {
																																									validate20.errors = [{
																																										instancePath: instancePath + "/pieces/" + i3 + "/form/solid/centre/" + i8,
																																										schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/centre/items/maximum",
																																										keyword: "maximum",
																																										params: {
																																											comparison: "<=",
																																											limit: 2
																																										},
																																										message: "must be <= 2"
																																									}];
																																									return false;
																																								} else if (data68 < -1 || isNaN(data68)) {
																																									validate20.errors = [{
																																										instancePath: instancePath + "/pieces/" + i3 + "/form/solid/centre/" + i8,
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
																																									instancePath: instancePath + "/pieces/" + i3 + "/form/solid/centre/" + i8,
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
																																						instancePath: instancePath + "/pieces/" + i3 + "/form/solid/centre",
																																						schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/centre/type",
																																						keyword: "type",
																																						params: { type: "array" },
																																						message: "must be array"
																																					}];
																																					return false;
																																				}
																																				var valid18 = true;
																																			} else var valid18 = true;
																																			if (valid18) {
																																				if (data60.watertight !== void 0) {
																																					if (typeof data60.watertight !== "boolean") {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/pieces/" + i3 + "/form/solid/watertight",
																																							schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/watertight/type",
																																							keyword: "type",
																																							params: { type: "boolean" },
																																							message: "must be boolean"
																																						}];
																																						return false;
																																					}
																																					var valid18 = true;
																																				} else var valid18 = true;
																																			}
																																		}
																																	}
																																}
																															}
																														}
																													} else {
																														validate20.errors = [{
																															instancePath: instancePath + "/pieces/" + i3 + "/form/solid",
																															schemaPath: "#/properties/pieces/items/properties/form/properties/solid/type",
																															keyword: "type",
																															params: { type: "object" },
																															message: "must be object"
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
																					} else {
																						validate20.errors = [{
																							instancePath: instancePath + "/pieces/" + i3 + "/form",
																							schemaPath: "#/properties/pieces/items/properties/form/type",
																							keyword: "type",
																							params: { type: "object" },
																							message: "must be object"
																						}];
																						return false;
																					}
																					var valid11 = true;
																				} else var valid11 = true;
																				if (valid11) {
																					if (data45.blend !== void 0) {
																						let data70 = data45.blend;
																						if (typeof data70 === "string") {
																							if (!pattern5.test(data70)) {
																								validate20.errors = [{
																									instancePath: instancePath + "/pieces/" + i3 + "/blend",
																									schemaPath: "#/properties/pieces/items/properties/blend/pattern",
																									keyword: "pattern",
																									params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																									message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																								}];
																								return false;
																							}
																						} else {
																							validate20.errors = [{
																								instancePath: instancePath + "/pieces/" + i3 + "/blend",
																								schemaPath: "#/properties/pieces/items/properties/blend/type",
																								keyword: "type",
																								params: { type: "string" },
																								message: "must be string"
																							}];
																							return false;
																						}
																						var valid11 = true;
																					} else var valid11 = true;
																					if (valid11) {
																						if (data45.colour !== void 0) {
																							let data71 = data45.colour;
																							if (typeof data71 === "string") {
																								if (!pattern5.test(data71)) {
																									validate20.errors = [{
																										instancePath: instancePath + "/pieces/" + i3 + "/colour",
																										schemaPath: "#/properties/pieces/items/properties/colour/pattern",
																										keyword: "pattern",
																										params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																										message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																									}];
																									return false;
																								}
																							} else {
																								validate20.errors = [{
																									instancePath: instancePath + "/pieces/" + i3 + "/colour",
																									schemaPath: "#/properties/pieces/items/properties/colour/type",
																									keyword: "type",
																									params: { type: "string" },
																									message: "must be string"
																								}];
																								return false;
																							}
																							var valid11 = true;
																						} else var valid11 = true;
																						if (valid11) {
																							if (data45.seat !== void 0) {
																								let data72 = data45.seat;
																								if (data72 && typeof data72 == "object" && !Array.isArray(data72)) {
																									let missing11;
																									if (data72.on === void 0 && (missing11 = "on") || data72.at === void 0 && (missing11 = "at") || data72.lean === void 0 && (missing11 = "lean") || data72.tip === void 0 && (missing11 = "tip") || data72.turn === void 0 && (missing11 = "turn") || data72.sink === void 0 && (missing11 = "sink") || data72.how === void 0 && (missing11 = "how") || data72.overlap === void 0 && (missing11 = "overlap")) {
																										validate20.errors = [{
																											instancePath: instancePath + "/pieces/" + i3 + "/seat",
																											schemaPath: "#/properties/pieces/items/properties/seat/required",
																											keyword: "required",
																											params: { missingProperty: missing11 },
																											message: "must have required property '" + missing11 + "'"
																										}];
																										return false;
																									} else {
																										for (const key14 in data72) if (!(key14 === "on" || key14 === "at" || key14 === "lean" || key14 === "tip" || key14 === "turn" || key14 === "sink" || key14 === "how" || key14 === "overlap")) {
																											validate20.errors = [{
																												instancePath: instancePath + "/pieces/" + i3 + "/seat",
																												schemaPath: "#/properties/pieces/items/properties/seat/additionalProperties",
																												keyword: "additionalProperties",
																												params: { additionalProperty: key14 },
																												message: "must NOT have additional properties"
																											}];
																											return false;
																										}
																										if (data72.on !== void 0) {
																											let data73 = data72.on;
																											if (typeof data73 === "string") {
																												if (!pattern5.test(data73)) {
																													validate20.errors = [{
																														instancePath: instancePath + "/pieces/" + i3 + "/seat/on",
																														schemaPath: "#/properties/pieces/items/properties/seat/properties/on/pattern",
																														keyword: "pattern",
																														params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																														message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																													}];
																													return false;
																												}
																											} else {
																												validate20.errors = [{
																													instancePath: instancePath + "/pieces/" + i3 + "/seat/on",
																													schemaPath: "#/properties/pieces/items/properties/seat/properties/on/type",
																													keyword: "type",
																													params: { type: "string" },
																													message: "must be string"
																												}];
																												return false;
																											}
																											var valid22 = true;
																										} else var valid22 = true;
																										if (valid22) {
																											if (data72.at !== void 0) {
																												let data74 = data72.at;
																												if (Array.isArray(data74)) {
																													if (data74.length > 3) {
																														validate20.errors = [{
																															instancePath: instancePath + "/pieces/" + i3 + "/seat/at",
																															schemaPath: "#/properties/pieces/items/properties/seat/properties/at/maxItems",
																															keyword: "maxItems",
																															params: { limit: 3 },
																															message: "must NOT have more than 3 items"
																														}];
																														return false;
																													} else if (data74.length < 3) {
																														validate20.errors = [{
																															instancePath: instancePath + "/pieces/" + i3 + "/seat/at",
																															schemaPath: "#/properties/pieces/items/properties/seat/properties/at/minItems",
																															keyword: "minItems",
																															params: { limit: 3 },
																															message: "must NOT have fewer than 3 items"
																														}];
																														return false;
																													} else {
																														const len9 = data74.length;
																														for (let i9 = 0; i9 < len9; i9++) {
																															let data75 = data74[i9];
																															if (typeof data75 == "number" && isFinite(data75)) {
																																if (data75 > 3e3 || isNaN(data75)) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/pieces/" + i3 + "/seat/at/" + i9,
																																		schemaPath: "#/properties/pieces/items/properties/seat/properties/at/items/maximum",
																																		keyword: "maximum",
																																		params: {
																																			comparison: "<=",
																																			limit: 3e3
																																		},
																																		message: "must be <= 3000"
																																	}];
																																	return false;
																																} else if (data75 < -3e3 || isNaN(data75)) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/pieces/" + i3 + "/seat/at/" + i9,
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
																																	instancePath: instancePath + "/pieces/" + i3 + "/seat/at/" + i9,
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
																														instancePath: instancePath + "/pieces/" + i3 + "/seat/at",
																														schemaPath: "#/properties/pieces/items/properties/seat/properties/at/type",
																														keyword: "type",
																														params: { type: "array" },
																														message: "must be array"
																													}];
																													return false;
																												}
																												var valid22 = true;
																											} else var valid22 = true;
																											if (valid22) {
																												if (data72.lean !== void 0) {
																													let data76 = data72.lean;
																													if (typeof data76 == "number" && isFinite(data76)) {
																														if (data76 > 360 || isNaN(data76)) {
																															validate20.errors = [{
																																instancePath: instancePath + "/pieces/" + i3 + "/seat/lean",
																																schemaPath: "#/properties/pieces/items/properties/seat/properties/lean/maximum",
																																keyword: "maximum",
																																params: {
																																	comparison: "<=",
																																	limit: 360
																																},
																																message: "must be <= 360"
																															}];
																															return false;
																														} else if (data76 < -360 || isNaN(data76)) {
																															validate20.errors = [{
																																instancePath: instancePath + "/pieces/" + i3 + "/seat/lean",
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
																															instancePath: instancePath + "/pieces/" + i3 + "/seat/lean",
																															schemaPath: "#/properties/pieces/items/properties/seat/properties/lean/type",
																															keyword: "type",
																															params: { type: "number" },
																															message: "must be number"
																														}];
																														return false;
																													}
																													var valid22 = true;
																												} else var valid22 = true;
																												if (valid22) {
																													if (data72.tip !== void 0) {
																														let data77 = data72.tip;
																														if (typeof data77 == "number" && isFinite(data77)) {
																															if (data77 > 360 || isNaN(data77)) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/pieces/" + i3 + "/seat/tip",
																																	schemaPath: "#/properties/pieces/items/properties/seat/properties/tip/maximum",
																																	keyword: "maximum",
																																	params: {
																																		comparison: "<=",
																																		limit: 360
																																	},
																																	message: "must be <= 360"
																																}];
																																return false;
																															} else if (data77 < -360 || isNaN(data77)) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/pieces/" + i3 + "/seat/tip",
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
																																instancePath: instancePath + "/pieces/" + i3 + "/seat/tip",
																																schemaPath: "#/properties/pieces/items/properties/seat/properties/tip/type",
																																keyword: "type",
																																params: { type: "number" },
																																message: "must be number"
																															}];
																															return false;
																														}
																														var valid22 = true;
																													} else var valid22 = true;
																													if (valid22) {
																														if (data72.turn !== void 0) {
																															let data78 = data72.turn;
																															if (typeof data78 == "number" && isFinite(data78)) {
																																if (data78 > 360 || isNaN(data78)) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/pieces/" + i3 + "/seat/turn",
																																		schemaPath: "#/properties/pieces/items/properties/seat/properties/turn/maximum",
																																		keyword: "maximum",
																																		params: {
																																			comparison: "<=",
																																			limit: 360
																																		},
																																		message: "must be <= 360"
																																	}];
																																	return false;
																																} else if (data78 < -360 || isNaN(data78)) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/pieces/" + i3 + "/seat/turn",
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
																																	instancePath: instancePath + "/pieces/" + i3 + "/seat/turn",
																																	schemaPath: "#/properties/pieces/items/properties/seat/properties/turn/type",
																																	keyword: "type",
																																	params: { type: "number" },
																																	message: "must be number"
																																}];
																																return false;
																															}
																															var valid22 = true;
																														} else var valid22 = true;
																														if (valid22) {
																															if (data72.sink !== void 0) {
																																let data79 = data72.sink;
																																if (typeof data79 == "number" && isFinite(data79)) {
																																	if (data79 > 500 || isNaN(data79)) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/pieces/" + i3 + "/seat/sink",
																																			schemaPath: "#/properties/pieces/items/properties/seat/properties/sink/maximum",
																																			keyword: "maximum",
																																			params: {
																																				comparison: "<=",
																																				limit: 500
																																			},
																																			message: "must be <= 500"
																																		}];
																																		return false;
																																	} else if (data79 < -200 || isNaN(data79)) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/pieces/" + i3 + "/seat/sink",
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
																																		instancePath: instancePath + "/pieces/" + i3 + "/seat/sink",
																																		schemaPath: "#/properties/pieces/items/properties/seat/properties/sink/type",
																																		keyword: "type",
																																		params: { type: "number" },
																																		message: "must be number"
																																	}];
																																	return false;
																																}
																																var valid22 = true;
																															} else var valid22 = true;
																															if (valid22) {
																																if (data72.how !== void 0) {
																																	let data80 = data72.how;
																																	if (typeof data80 !== "string") {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/pieces/" + i3 + "/seat/how",
																																			schemaPath: "#/properties/pieces/items/properties/seat/properties/how/type",
																																			keyword: "type",
																																			params: { type: "string" },
																																			message: "must be string"
																																		}];
																																		return false;
																																	}
																																	if (!(data80 === "sits" || data80 === "set" || data80 === "hangs" || data80 === "wraps")) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/pieces/" + i3 + "/seat/how",
																																			schemaPath: "#/properties/pieces/items/properties/seat/properties/how/enum",
																																			keyword: "enum",
																																			params: { allowedValues: schema31.properties.pieces.items.properties.seat.properties.how.enum },
																																			message: "must be equal to one of the allowed values"
																																		}];
																																		return false;
																																	}
																																	var valid22 = true;
																																} else var valid22 = true;
																																if (valid22) {
																																	if (data72.overlap !== void 0) {
																																		let data81 = data72.overlap;
																																		if (typeof data81 !== "string") {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/pieces/" + i3 + "/seat/overlap",
																																				schemaPath: "#/properties/pieces/items/properties/seat/properties/overlap/type",
																																				keyword: "type",
																																				params: { type: "string" },
																																				message: "must be string"
																																			}];
																																			return false;
																																		}
																																		if (!(data81 === "pressed" || data81 === "trimmed")) {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/pieces/" + i3 + "/seat/overlap",
																																				schemaPath: "#/properties/pieces/items/properties/seat/properties/overlap/enum",
																																				keyword: "enum",
																																				params: { allowedValues: schema31.properties.pieces.items.properties.seat.properties.overlap.enum },
																																				message: "must be equal to one of the allowed values"
																																			}];
																																			return false;
																																		}
																																		var valid22 = true;
																																	} else var valid22 = true;
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
																										instancePath: instancePath + "/pieces/" + i3 + "/seat",
																										schemaPath: "#/properties/pieces/items/properties/seat/type",
																										keyword: "type",
																										params: { type: "object" },
																										message: "must be object"
																									}];
																									return false;
																								}
																								var valid11 = true;
																							} else var valid11 = true;
																							if (valid11) {
																								if (data45.pair !== void 0) {
																									if (typeof data45.pair !== "boolean") {
																										validate20.errors = [{
																											instancePath: instancePath + "/pieces/" + i3 + "/pair",
																											schemaPath: "#/properties/pieces/items/properties/pair/type",
																											keyword: "type",
																											params: { type: "boolean" },
																											message: "must be boolean"
																										}];
																										return false;
																									}
																									var valid11 = true;
																								} else var valid11 = true;
																								if (valid11) {
																									if (data45.count !== void 0) {
																										let data83 = data45.count;
																										if (!(typeof data83 == "number" && !(data83 % 1) && !isNaN(data83) && isFinite(data83))) {
																											validate20.errors = [{
																												instancePath: instancePath + "/pieces/" + i3 + "/count",
																												schemaPath: "#/properties/pieces/items/properties/count/type",
																												keyword: "type",
																												params: { type: "integer" },
																												message: "must be integer"
																											}];
																											return false;
																										}
																										if (typeof data83 == "number" && isFinite(data83)) {
																											if (data83 > 500 || isNaN(data83)) {
																												validate20.errors = [{
																													instancePath: instancePath + "/pieces/" + i3 + "/count",
																													schemaPath: "#/properties/pieces/items/properties/count/maximum",
																													keyword: "maximum",
																													params: {
																														comparison: "<=",
																														limit: 500
																													},
																													message: "must be <= 500"
																												}];
																												return false;
																											} else if (data83 < 1 || isNaN(data83)) {
																												validate20.errors = [{
																													instancePath: instancePath + "/pieces/" + i3 + "/count",
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
																										var valid11 = true;
																									} else var valid11 = true;
																									if (valid11) {
																										if (data45.texture !== void 0) {
																											let data84 = data45.texture;
																											if (typeof data84 !== "string") {
																												validate20.errors = [{
																													instancePath: instancePath + "/pieces/" + i3 + "/texture",
																													schemaPath: "#/properties/pieces/items/properties/texture/type",
																													keyword: "type",
																													params: { type: "string" },
																													message: "must be string"
																												}];
																												return false;
																											}
																											if (!(data84 === "none" || data84 === "fur" || data84 === "feathers" || data84 === "veins" || data84 === "wood" || data84 === "creases" || data84 === "stitches" || data84 === "stipple")) {
																												validate20.errors = [{
																													instancePath: instancePath + "/pieces/" + i3 + "/texture",
																													schemaPath: "#/properties/pieces/items/properties/texture/enum",
																													keyword: "enum",
																													params: { allowedValues: schema31.properties.pieces.items.properties.texture.enum },
																													message: "must be equal to one of the allowed values"
																												}];
																												return false;
																											}
																											var valid11 = true;
																										} else var valid11 = true;
																										if (valid11) {
																											if (data45.core !== void 0) {
																												let data85 = data45.core;
																												if (typeof data85 !== "string") {
																													validate20.errors = [{
																														instancePath: instancePath + "/pieces/" + i3 + "/core",
																														schemaPath: "#/properties/pieces/items/properties/core/type",
																														keyword: "type",
																														params: { type: "string" },
																														message: "must be string"
																													}];
																													return false;
																												}
																												if (!(data85 === "foam" || data85 === "cereal" || data85 === "cake")) {
																													validate20.errors = [{
																														instancePath: instancePath + "/pieces/" + i3 + "/core",
																														schemaPath: "#/properties/pieces/items/properties/core/enum",
																														keyword: "enum",
																														params: { allowedValues: schema31.properties.pieces.items.properties.core.enum },
																														message: "must be equal to one of the allowed values"
																													}];
																													return false;
																												}
																												var valid11 = true;
																											} else var valid11 = true;
																											if (valid11) {
																												if (data45.tolerance !== void 0) {
																													let data86 = data45.tolerance;
																													if (typeof data86 !== "string") {
																														validate20.errors = [{
																															instancePath: instancePath + "/pieces/" + i3 + "/tolerance",
																															schemaPath: "#/properties/pieces/items/properties/tolerance/type",
																															keyword: "type",
																															params: { type: "string" },
																															message: "must be string"
																														}];
																														return false;
																													}
																													if (!(data86 === "equal" || data86 === "mirrored" || data86 === "varied" || data86 === "hidden")) {
																														validate20.errors = [{
																															instancePath: instancePath + "/pieces/" + i3 + "/tolerance",
																															schemaPath: "#/properties/pieces/items/properties/tolerance/enum",
																															keyword: "enum",
																															params: { allowedValues: schema31.properties.pieces.items.properties.tolerance.enum },
																															message: "must be equal to one of the allowed values"
																														}];
																														return false;
																													}
																													var valid11 = true;
																												} else var valid11 = true;
																												if (valid11) {
																													if (data45.hidden !== void 0) {
																														let data87 = data45.hidden;
																														if (typeof data87 !== "string") {
																															validate20.errors = [{
																																instancePath: instancePath + "/pieces/" + i3 + "/hidden",
																																schemaPath: "#/properties/pieces/items/properties/hidden/type",
																																keyword: "type",
																																params: { type: "string" },
																																message: "must be string"
																															}];
																															return false;
																														}
																														if (!(data87 === "none" || data87 === "under" || data87 === "back" || data87 === "front" || data87 === "left" || data87 === "right" || data87 === "top")) {
																															validate20.errors = [{
																																instancePath: instancePath + "/pieces/" + i3 + "/hidden",
																																schemaPath: "#/properties/pieces/items/properties/hidden/enum",
																																keyword: "enum",
																																params: { allowedValues: schema31.properties.pieces.items.properties.hidden.enum },
																																message: "must be equal to one of the allowed values"
																															}];
																															return false;
																														}
																														var valid11 = true;
																													} else var valid11 = true;
																													if (valid11) {
																														if (data45.breaks !== void 0) {
																															let data88 = data45.breaks;
																															if (typeof data88 == "number" && isFinite(data88)) {
																																if (data88 > 60 || isNaN(data88)) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/pieces/" + i3 + "/breaks",
																																		schemaPath: "#/properties/pieces/items/properties/breaks/maximum",
																																		keyword: "maximum",
																																		params: {
																																			comparison: "<=",
																																			limit: 60
																																		},
																																		message: "must be <= 60"
																																	}];
																																	return false;
																																} else if (data88 < 0 || isNaN(data88)) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/pieces/" + i3 + "/breaks",
																																		schemaPath: "#/properties/pieces/items/properties/breaks/minimum",
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
																																	instancePath: instancePath + "/pieces/" + i3 + "/breaks",
																																	schemaPath: "#/properties/pieces/items/properties/breaks/type",
																																	keyword: "type",
																																	params: { type: "number" },
																																	message: "must be number"
																																}];
																																return false;
																															}
																															var valid11 = true;
																														} else var valid11 = true;
																														if (valid11) {
																															if (data45.glue !== void 0) {
																																let data89 = data45.glue;
																																if (typeof data89 !== "string") {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/pieces/" + i3 + "/glue",
																																		schemaPath: "#/properties/pieces/items/properties/glue/type",
																																		keyword: "type",
																																		params: { type: "string" },
																																		message: "must be string"
																																	}];
																																	return false;
																																}
																																if (!(data89 === "press" || data89 === "water" || data89 === "sugarGlue" || data89 === "gumGlue" || data89 === "thickPasteGlue" || data89 === "spirit" || data89 === "pipingGel" || data89 === "shortening" || data89 === "buttercream" || data89 === "jam" || data89 === "royalIcing" || data89 === "meltedChocolate")) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/pieces/" + i3 + "/glue",
																																		schemaPath: "#/properties/pieces/items/properties/glue/enum",
																																		keyword: "enum",
																																		params: { allowedValues: schema31.properties.pieces.items.properties.glue.enum },
																																		message: "must be equal to one of the allowed values"
																																	}];
																																	return false;
																																}
																																var valid11 = true;
																															} else var valid11 = true;
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
																		instancePath: instancePath + "/pieces/" + i3,
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
														let data90 = data.rods;
														if (Array.isArray(data90)) {
															if (data90.length > 200) {
																validate20.errors = [{
																	instancePath: instancePath + "/rods",
																	schemaPath: "#/properties/rods/maxItems",
																	keyword: "maxItems",
																	params: { limit: 200 },
																	message: "must NOT have more than 200 items"
																}];
																return false;
															} else if (data90.length < 0) {
																validate20.errors = [{
																	instancePath: instancePath + "/rods",
																	schemaPath: "#/properties/rods/minItems",
																	keyword: "minItems",
																	params: { limit: 0 },
																	message: "must NOT have fewer than 0 items"
																}];
																return false;
															} else {
																const len10 = data90.length;
																for (let i10 = 0; i10 < len10; i10++) {
																	let data91 = data90[i10];
																	if (data91 && typeof data91 == "object" && !Array.isArray(data91)) {
																		let missing12;
																		if (data91.id === void 0 && (missing12 = "id") || data91.name === void 0 && (missing12 = "name") || data91.stock === void 0 && (missing12 = "stock") || data91.from === void 0 && (missing12 = "from") || data91.to === void 0 && (missing12 = "to") || data91.pair === void 0 && (missing12 = "pair") || data91.sleeved === void 0 && (missing12 = "sleeved")) {
																			validate20.errors = [{
																				instancePath: instancePath + "/rods/" + i10,
																				schemaPath: "#/properties/rods/items/required",
																				keyword: "required",
																				params: { missingProperty: missing12 },
																				message: "must have required property '" + missing12 + "'"
																			}];
																			return false;
																		} else {
																			for (const key15 in data91) if (!func1.call(schema31.properties.rods.items.properties, key15)) {
																				validate20.errors = [{
																					instancePath: instancePath + "/rods/" + i10,
																					schemaPath: "#/properties/rods/items/additionalProperties",
																					keyword: "additionalProperties",
																					params: { additionalProperty: key15 },
																					message: "must NOT have additional properties"
																				}];
																				return false;
																			}
																			if (data91.id !== void 0) {
																				let data92 = data91.id;
																				if (typeof data92 === "string") {
																					if (!pattern5.test(data92)) {
																						validate20.errors = [{
																							instancePath: instancePath + "/rods/" + i10 + "/id",
																							schemaPath: "#/properties/rods/items/properties/id/pattern",
																							keyword: "pattern",
																							params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																							message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																						}];
																						return false;
																					}
																				} else {
																					validate20.errors = [{
																						instancePath: instancePath + "/rods/" + i10 + "/id",
																						schemaPath: "#/properties/rods/items/properties/id/type",
																						keyword: "type",
																						params: { type: "string" },
																						message: "must be string"
																					}];
																					return false;
																				}
																				var valid25 = true;
																			} else var valid25 = true;
																			if (valid25) {
																				if (data91.name !== void 0) {
																					let data93 = data91.name;
																					if (typeof data93 === "string") {
																						if (func2(data93) > 120) {
																							validate20.errors = [{
																								instancePath: instancePath + "/rods/" + i10 + "/name",
																								schemaPath: "#/properties/rods/items/properties/name/maxLength",
																								keyword: "maxLength",
																								params: { limit: 120 },
																								message: "must NOT have more than 120 characters"
																							}];
																							return false;
																						} else if (func2(data93) < 1) {
																							validate20.errors = [{
																								instancePath: instancePath + "/rods/" + i10 + "/name",
																								schemaPath: "#/properties/rods/items/properties/name/minLength",
																								keyword: "minLength",
																								params: { limit: 1 },
																								message: "must NOT have fewer than 1 characters"
																							}];
																							return false;
																						}
																					} else {
																						validate20.errors = [{
																							instancePath: instancePath + "/rods/" + i10 + "/name",
																							schemaPath: "#/properties/rods/items/properties/name/type",
																							keyword: "type",
																							params: { type: "string" },
																							message: "must be string"
																						}];
																						return false;
																					}
																					var valid25 = true;
																				} else var valid25 = true;
																				if (valid25) {
																					if (data91.stock !== void 0) {
																						let data94 = data91.stock;
																						if (typeof data94 !== "string") {
																							validate20.errors = [{
																								instancePath: instancePath + "/rods/" + i10 + "/stock",
																								schemaPath: "#/properties/rods/items/properties/stock/type",
																								keyword: "type",
																								params: { type: "string" },
																								message: "must be string"
																							}];
																							return false;
																						}
																						if (!(data94 === "spaghetti18" || data94 === "cocktail2" || data94 === "skewer3" || data94 === "wire26" || data94 === "wire24" || data94 === "wire22" || data94 === "wire20" || data94 === "wire18" || data94 === "paper4" || data94 === "skewer4" || data94 === "straw12" || data94 === "dowel6" || data94 === "dowel8" || data94 === "hollow16" || data94 === "dowel10" || data94 === "dowel12" || data94 === "armature3" || data94 === "armature6" || data94 === "copper6" || data94 === "copper8" || data94 === "copper10" || data94 === "m6" || data94 === "m8" || data94 === "m10" || data94 === "m12" || data94 === "stainless6" || data94 === "stainless10" || data94 === "stainless12")) {
																							validate20.errors = [{
																								instancePath: instancePath + "/rods/" + i10 + "/stock",
																								schemaPath: "#/properties/rods/items/properties/stock/enum",
																								keyword: "enum",
																								params: { allowedValues: schema31.properties.rods.items.properties.stock.enum },
																								message: "must be equal to one of the allowed values"
																							}];
																							return false;
																						}
																						var valid25 = true;
																					} else var valid25 = true;
																					if (valid25) {
																						if (data91.from !== void 0) {
																							let data95 = data91.from;
																							if (data95 && typeof data95 == "object" && !Array.isArray(data95)) {
																								let missing13;
																								if (data95.on === void 0 && (missing13 = "on") || data95.at === void 0 && (missing13 = "at")) {
																									validate20.errors = [{
																										instancePath: instancePath + "/rods/" + i10 + "/from",
																										schemaPath: "#/properties/rods/items/properties/from/required",
																										keyword: "required",
																										params: { missingProperty: missing13 },
																										message: "must have required property '" + missing13 + "'"
																									}];
																									return false;
																								} else {
																									for (const key16 in data95) if (!(key16 === "on" || key16 === "at")) {
																										validate20.errors = [{
																											instancePath: instancePath + "/rods/" + i10 + "/from",
																											schemaPath: "#/properties/rods/items/properties/from/additionalProperties",
																											keyword: "additionalProperties",
																											params: { additionalProperty: key16 },
																											message: "must NOT have additional properties"
																										}];
																										return false;
																									}
																									if (data95.on !== void 0) {
																										let data96 = data95.on;
																										if (typeof data96 === "string") {
																											if (!pattern5.test(data96)) {
																												validate20.errors = [{
																													instancePath: instancePath + "/rods/" + i10 + "/from/on",
																													schemaPath: "#/properties/rods/items/properties/from/properties/on/pattern",
																													keyword: "pattern",
																													params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																													message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																												}];
																												return false;
																											}
																										} else {
																											validate20.errors = [{
																												instancePath: instancePath + "/rods/" + i10 + "/from/on",
																												schemaPath: "#/properties/rods/items/properties/from/properties/on/type",
																												keyword: "type",
																												params: { type: "string" },
																												message: "must be string"
																											}];
																											return false;
																										}
																										var valid26 = true;
																									} else var valid26 = true;
																									if (valid26) {
																										if (data95.at !== void 0) {
																											let data97 = data95.at;
																											if (Array.isArray(data97)) {
																												if (data97.length > 3) {
																													validate20.errors = [{
																														instancePath: instancePath + "/rods/" + i10 + "/from/at",
																														schemaPath: "#/properties/rods/items/properties/from/properties/at/maxItems",
																														keyword: "maxItems",
																														params: { limit: 3 },
																														message: "must NOT have more than 3 items"
																													}];
																													return false;
																												} else if (data97.length < 3) {
																													validate20.errors = [{
																														instancePath: instancePath + "/rods/" + i10 + "/from/at",
																														schemaPath: "#/properties/rods/items/properties/from/properties/at/minItems",
																														keyword: "minItems",
																														params: { limit: 3 },
																														message: "must NOT have fewer than 3 items"
																													}];
																													return false;
																												} else {
																													const len11 = data97.length;
																													for (let i11 = 0; i11 < len11; i11++) {
																														let data98 = data97[i11];
																														if (typeof data98 == "number" && isFinite(data98)) {
																															if (data98 > 3e3 || isNaN(data98)) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/rods/" + i10 + "/from/at/" + i11,
																																	schemaPath: "#/properties/rods/items/properties/from/properties/at/items/maximum",
																																	keyword: "maximum",
																																	params: {
																																		comparison: "<=",
																																		limit: 3e3
																																	},
																																	message: "must be <= 3000"
																																}];
																																return false;
																															} else if (data98 < -3e3 || isNaN(data98)) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/rods/" + i10 + "/from/at/" + i11,
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
																																instancePath: instancePath + "/rods/" + i10 + "/from/at/" + i11,
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
																													instancePath: instancePath + "/rods/" + i10 + "/from/at",
																													schemaPath: "#/properties/rods/items/properties/from/properties/at/type",
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
																									instancePath: instancePath + "/rods/" + i10 + "/from",
																									schemaPath: "#/properties/rods/items/properties/from/type",
																									keyword: "type",
																									params: { type: "object" },
																									message: "must be object"
																								}];
																								return false;
																							}
																							var valid25 = true;
																						} else var valid25 = true;
																						if (valid25) {
																							if (data91.to !== void 0) {
																								let data99 = data91.to;
																								if (data99 && typeof data99 == "object" && !Array.isArray(data99)) {
																									let missing14;
																									if (data99.on === void 0 && (missing14 = "on") || data99.at === void 0 && (missing14 = "at")) {
																										validate20.errors = [{
																											instancePath: instancePath + "/rods/" + i10 + "/to",
																											schemaPath: "#/properties/rods/items/properties/to/required",
																											keyword: "required",
																											params: { missingProperty: missing14 },
																											message: "must have required property '" + missing14 + "'"
																										}];
																										return false;
																									} else {
																										for (const key17 in data99) if (!(key17 === "on" || key17 === "at")) {
																											validate20.errors = [{
																												instancePath: instancePath + "/rods/" + i10 + "/to",
																												schemaPath: "#/properties/rods/items/properties/to/additionalProperties",
																												keyword: "additionalProperties",
																												params: { additionalProperty: key17 },
																												message: "must NOT have additional properties"
																											}];
																											return false;
																										}
																										if (data99.on !== void 0) {
																											let data100 = data99.on;
																											if (typeof data100 === "string") {
																												if (!pattern5.test(data100)) {
																													validate20.errors = [{
																														instancePath: instancePath + "/rods/" + i10 + "/to/on",
																														schemaPath: "#/properties/rods/items/properties/to/properties/on/pattern",
																														keyword: "pattern",
																														params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																														message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																													}];
																													return false;
																												}
																											} else {
																												validate20.errors = [{
																													instancePath: instancePath + "/rods/" + i10 + "/to/on",
																													schemaPath: "#/properties/rods/items/properties/to/properties/on/type",
																													keyword: "type",
																													params: { type: "string" },
																													message: "must be string"
																												}];
																												return false;
																											}
																											var valid28 = true;
																										} else var valid28 = true;
																										if (valid28) {
																											if (data99.at !== void 0) {
																												let data101 = data99.at;
																												if (Array.isArray(data101)) {
																													if (data101.length > 3) {
																														validate20.errors = [{
																															instancePath: instancePath + "/rods/" + i10 + "/to/at",
																															schemaPath: "#/properties/rods/items/properties/to/properties/at/maxItems",
																															keyword: "maxItems",
																															params: { limit: 3 },
																															message: "must NOT have more than 3 items"
																														}];
																														return false;
																													} else if (data101.length < 3) {
																														validate20.errors = [{
																															instancePath: instancePath + "/rods/" + i10 + "/to/at",
																															schemaPath: "#/properties/rods/items/properties/to/properties/at/minItems",
																															keyword: "minItems",
																															params: { limit: 3 },
																															message: "must NOT have fewer than 3 items"
																														}];
																														return false;
																													} else {
																														const len12 = data101.length;
																														for (let i12 = 0; i12 < len12; i12++) {
																															let data102 = data101[i12];
																															if (typeof data102 == "number" && isFinite(data102)) {
																																if (data102 > 3e3 || isNaN(data102)) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/rods/" + i10 + "/to/at/" + i12,
																																		schemaPath: "#/properties/rods/items/properties/to/properties/at/items/maximum",
																																		keyword: "maximum",
																																		params: {
																																			comparison: "<=",
																																			limit: 3e3
																																		},
																																		message: "must be <= 3000"
																																	}];
																																	return false;
																																} else if (data102 < -3e3 || isNaN(data102)) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/rods/" + i10 + "/to/at/" + i12,
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
																																	instancePath: instancePath + "/rods/" + i10 + "/to/at/" + i12,
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
																														instancePath: instancePath + "/rods/" + i10 + "/to/at",
																														schemaPath: "#/properties/rods/items/properties/to/properties/at/type",
																														keyword: "type",
																														params: { type: "array" },
																														message: "must be array"
																													}];
																													return false;
																												}
																												var valid28 = true;
																											} else var valid28 = true;
																										}
																									}
																								} else {
																									validate20.errors = [{
																										instancePath: instancePath + "/rods/" + i10 + "/to",
																										schemaPath: "#/properties/rods/items/properties/to/type",
																										keyword: "type",
																										params: { type: "object" },
																										message: "must be object"
																									}];
																									return false;
																								}
																								var valid25 = true;
																							} else var valid25 = true;
																							if (valid25) {
																								if (data91.pair !== void 0) {
																									if (typeof data91.pair !== "boolean") {
																										validate20.errors = [{
																											instancePath: instancePath + "/rods/" + i10 + "/pair",
																											schemaPath: "#/properties/rods/items/properties/pair/type",
																											keyword: "type",
																											params: { type: "boolean" },
																											message: "must be boolean"
																										}];
																										return false;
																									}
																									var valid25 = true;
																								} else var valid25 = true;
																								if (valid25) {
																									if (data91.sleeved !== void 0) {
																										if (typeof data91.sleeved !== "boolean") {
																											validate20.errors = [{
																												instancePath: instancePath + "/rods/" + i10 + "/sleeved",
																												schemaPath: "#/properties/rods/items/properties/sleeved/type",
																												keyword: "type",
																												params: { type: "boolean" },
																												message: "must be boolean"
																											}];
																											return false;
																										}
																										var valid25 = true;
																									} else var valid25 = true;
																									if (valid25) {
																										if (data91.across !== void 0) {
																											let data105 = data91.across;
																											if (typeof data105 == "number" && isFinite(data105)) {
																												if (data105 > 40 || isNaN(data105)) {
																													validate20.errors = [{
																														instancePath: instancePath + "/rods/" + i10 + "/across",
																														schemaPath: "#/properties/rods/items/properties/across/maximum",
																														keyword: "maximum",
																														params: {
																															comparison: "<=",
																															limit: 40
																														},
																														message: "must be <= 40"
																													}];
																													return false;
																												} else if (data105 < .1 || isNaN(data105)) {
																													validate20.errors = [{
																														instancePath: instancePath + "/rods/" + i10 + "/across",
																														schemaPath: "#/properties/rods/items/properties/across/minimum",
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
																													instancePath: instancePath + "/rods/" + i10 + "/across",
																													schemaPath: "#/properties/rods/items/properties/across/type",
																													keyword: "type",
																													params: { type: "number" },
																													message: "must be number"
																												}];
																												return false;
																											}
																											var valid25 = true;
																										} else var valid25 = true;
																										if (valid25) {
																											if (data91.bundle !== void 0) {
																												let data106 = data91.bundle;
																												if (typeof data106 === "string") {
																													if (func2(data106) > 120) {
																														validate20.errors = [{
																															instancePath: instancePath + "/rods/" + i10 + "/bundle",
																															schemaPath: "#/properties/rods/items/properties/bundle/maxLength",
																															keyword: "maxLength",
																															params: { limit: 120 },
																															message: "must NOT have more than 120 characters"
																														}];
																														return false;
																													} else if (func2(data106) < 1) {
																														validate20.errors = [{
																															instancePath: instancePath + "/rods/" + i10 + "/bundle",
																															schemaPath: "#/properties/rods/items/properties/bundle/minLength",
																															keyword: "minLength",
																															params: { limit: 1 },
																															message: "must NOT have fewer than 1 characters"
																														}];
																														return false;
																													}
																												} else {
																													validate20.errors = [{
																														instancePath: instancePath + "/rods/" + i10 + "/bundle",
																														schemaPath: "#/properties/rods/items/properties/bundle/type",
																														keyword: "type",
																														params: { type: "string" },
																														message: "must be string"
																													}];
																													return false;
																												}
																												var valid25 = true;
																											} else var valid25 = true;
																											if (valid25) {
																												if (data91.shown !== void 0) {
																													if (typeof data91.shown !== "boolean") {
																														validate20.errors = [{
																															instancePath: instancePath + "/rods/" + i10 + "/shown",
																															schemaPath: "#/properties/rods/items/properties/shown/type",
																															keyword: "type",
																															params: { type: "boolean" },
																															message: "must be boolean"
																														}];
																														return false;
																													}
																													var valid25 = true;
																												} else var valid25 = true;
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
																			instancePath: instancePath + "/rods/" + i10,
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
															let data108 = data.hours;
															if (Array.isArray(data108)) {
																if (data108.length > 60) {
																	validate20.errors = [{
																		instancePath: instancePath + "/hours",
																		schemaPath: "#/properties/hours/maxItems",
																		keyword: "maxItems",
																		params: { limit: 60 },
																		message: "must NOT have more than 60 items"
																	}];
																	return false;
																} else if (data108.length < 0) {
																	validate20.errors = [{
																		instancePath: instancePath + "/hours",
																		schemaPath: "#/properties/hours/minItems",
																		keyword: "minItems",
																		params: { limit: 0 },
																		message: "must NOT have fewer than 0 items"
																	}];
																	return false;
																} else {
																	const len13 = data108.length;
																	for (let i13 = 0; i13 < len13; i13++) {
																		let data109 = data108[i13];
																		if (data109 && typeof data109 == "object" && !Array.isArray(data109)) {
																			let missing15;
																			if (data109.day === void 0 && (missing15 = "day") || data109.from === void 0 && (missing15 = "from") || data109.to === void 0 && (missing15 = "to")) {
																				validate20.errors = [{
																					instancePath: instancePath + "/hours/" + i13,
																					schemaPath: "#/properties/hours/items/required",
																					keyword: "required",
																					params: { missingProperty: missing15 },
																					message: "must have required property '" + missing15 + "'"
																				}];
																				return false;
																			} else {
																				for (const key18 in data109) if (!(key18 === "day" || key18 === "from" || key18 === "to")) {
																					validate20.errors = [{
																						instancePath: instancePath + "/hours/" + i13,
																						schemaPath: "#/properties/hours/items/additionalProperties",
																						keyword: "additionalProperties",
																						params: { additionalProperty: key18 },
																						message: "must NOT have additional properties"
																					}];
																					return false;
																				}
																				if (data109.day !== void 0) {
																					let data110 = data109.day;
																					if (!(typeof data110 == "number" && !(data110 % 1) && !isNaN(data110) && isFinite(data110))) {
																						validate20.errors = [{
																							instancePath: instancePath + "/hours/" + i13 + "/day",
																							schemaPath: "#/properties/hours/items/properties/day/type",
																							keyword: "type",
																							params: { type: "integer" },
																							message: "must be integer"
																						}];
																						return false;
																					}
																					if (typeof data110 == "number" && isFinite(data110)) {
																						if (data110 > 7 || isNaN(data110)) {
																							validate20.errors = [{
																								instancePath: instancePath + "/hours/" + i13 + "/day",
																								schemaPath: "#/properties/hours/items/properties/day/maximum",
																								keyword: "maximum",
																								params: {
																									comparison: "<=",
																									limit: 7
																								},
																								message: "must be <= 7"
																							}];
																							return false;
																						} else if (data110 < 1 || isNaN(data110)) {
																							validate20.errors = [{
																								instancePath: instancePath + "/hours/" + i13 + "/day",
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
																					var valid31 = true;
																				} else var valid31 = true;
																				if (valid31) {
																					if (data109.from !== void 0) {
																						let data111 = data109.from;
																						if (typeof data111 === "string") {
																							if (!pattern18.test(data111)) {
																								validate20.errors = [{
																									instancePath: instancePath + "/hours/" + i13 + "/from",
																									schemaPath: "#/properties/hours/items/properties/from/pattern",
																									keyword: "pattern",
																									params: { pattern: "^([01]\\d|2[0-3]):[0-5]\\d$" },
																									message: "must match pattern \"^([01]\\d|2[0-3]):[0-5]\\d$\""
																								}];
																								return false;
																							}
																						} else {
																							validate20.errors = [{
																								instancePath: instancePath + "/hours/" + i13 + "/from",
																								schemaPath: "#/properties/hours/items/properties/from/type",
																								keyword: "type",
																								params: { type: "string" },
																								message: "must be string"
																							}];
																							return false;
																						}
																						var valid31 = true;
																					} else var valid31 = true;
																					if (valid31) {
																						if (data109.to !== void 0) {
																							let data112 = data109.to;
																							if (typeof data112 === "string") {
																								if (!pattern18.test(data112)) {
																									validate20.errors = [{
																										instancePath: instancePath + "/hours/" + i13 + "/to",
																										schemaPath: "#/properties/hours/items/properties/to/pattern",
																										keyword: "pattern",
																										params: { pattern: "^([01]\\d|2[0-3]):[0-5]\\d$" },
																										message: "must match pattern \"^([01]\\d|2[0-3]):[0-5]\\d$\""
																									}];
																									return false;
																								}
																							} else {
																								validate20.errors = [{
																									instancePath: instancePath + "/hours/" + i13 + "/to",
																									schemaPath: "#/properties/hours/items/properties/to/type",
																									keyword: "type",
																									params: { type: "string" },
																									message: "must be string"
																								}];
																								return false;
																							}
																							var valid31 = true;
																						} else var valid31 = true;
																					}
																				}
																			}
																		} else {
																			validate20.errors = [{
																				instancePath: instancePath + "/hours/" + i13,
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
																let data113 = data.practice;
																if (data113 && typeof data113 == "object" && !Array.isArray(data113)) {
																	let missing16;
																	if (data113.spare === void 0 && (missing16 = "spare") || data113.powderBulk === void 0 && (missing16 = "powderBulk") || data113.spoon === void 0 && (missing16 = "spoon") || data113.smallestBatch === void 0 && (missing16 = "smallestBatch") || data113.saves === void 0 && (missing16 = "saves") || data113.pace === void 0 && (missing16 = "pace")) {
																		validate20.errors = [{
																			instancePath: instancePath + "/practice",
																			schemaPath: "#/properties/practice/required",
																			keyword: "required",
																			params: { missingProperty: missing16 },
																			message: "must have required property '" + missing16 + "'"
																		}];
																		return false;
																	} else {
																		for (const key19 in data113) if (!(key19 === "spare" || key19 === "powderBulk" || key19 === "spoon" || key19 === "smallestBatch" || key19 === "saves" || key19 === "pace")) {
																			validate20.errors = [{
																				instancePath: instancePath + "/practice",
																				schemaPath: "#/properties/practice/additionalProperties",
																				keyword: "additionalProperties",
																				params: { additionalProperty: key19 },
																				message: "must NOT have additional properties"
																			}];
																			return false;
																		}
																		if (data113.spare !== void 0) {
																			let data114 = data113.spare;
																			if (typeof data114 == "number" && isFinite(data114)) {
																				if (data114 > 100 || isNaN(data114)) {
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
																				} else if (data114 < 0 || isNaN(data114)) {
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
																			var valid32 = true;
																		} else var valid32 = true;
																		if (valid32) {
																			if (data113.powderBulk !== void 0) {
																				let data115 = data113.powderBulk;
																				if (typeof data115 == "number" && isFinite(data115)) {
																					if (data115 > 1.2 || isNaN(data115)) {
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
																					} else if (data115 < .2 || isNaN(data115)) {
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
																				var valid32 = true;
																			} else var valid32 = true;
																			if (valid32) {
																				if (data113.spoon !== void 0) {
																					let data116 = data113.spoon;
																					if (typeof data116 == "number" && isFinite(data116)) {
																						if (data116 > 25 || isNaN(data116)) {
																							validate20.errors = [{
																								instancePath: instancePath + "/practice/spoon",
																								schemaPath: "#/properties/practice/properties/spoon/maximum",
																								keyword: "maximum",
																								params: {
																									comparison: "<=",
																									limit: 25
																								},
																								message: "must be <= 25"
																							}];
																							return false;
																						} else if (data116 < 1 || isNaN(data116)) {
																							validate20.errors = [{
																								instancePath: instancePath + "/practice/spoon",
																								schemaPath: "#/properties/practice/properties/spoon/minimum",
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
																							instancePath: instancePath + "/practice/spoon",
																							schemaPath: "#/properties/practice/properties/spoon/type",
																							keyword: "type",
																							params: { type: "number" },
																							message: "must be number"
																						}];
																						return false;
																					}
																					var valid32 = true;
																				} else var valid32 = true;
																				if (valid32) {
																					if (data113.smallestBatch !== void 0) {
																						let data117 = data113.smallestBatch;
																						if (typeof data117 == "number" && isFinite(data117)) {
																							if (data117 > 500 || isNaN(data117)) {
																								validate20.errors = [{
																									instancePath: instancePath + "/practice/smallestBatch",
																									schemaPath: "#/properties/practice/properties/smallestBatch/maximum",
																									keyword: "maximum",
																									params: {
																										comparison: "<=",
																										limit: 500
																									},
																									message: "must be <= 500"
																								}];
																								return false;
																							} else if (data117 < 0 || isNaN(data117)) {
																								validate20.errors = [{
																									instancePath: instancePath + "/practice/smallestBatch",
																									schemaPath: "#/properties/practice/properties/smallestBatch/minimum",
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
																								instancePath: instancePath + "/practice/smallestBatch",
																								schemaPath: "#/properties/practice/properties/smallestBatch/type",
																								keyword: "type",
																								params: { type: "number" },
																								message: "must be number"
																							}];
																							return false;
																						}
																						var valid32 = true;
																					} else var valid32 = true;
																					if (valid32) {
																						if (data113.saves !== void 0) {
																							if (typeof data113.saves !== "boolean") {
																								validate20.errors = [{
																									instancePath: instancePath + "/practice/saves",
																									schemaPath: "#/properties/practice/properties/saves/type",
																									keyword: "type",
																									params: { type: "boolean" },
																									message: "must be boolean"
																								}];
																								return false;
																							}
																							var valid32 = true;
																						} else var valid32 = true;
																						if (valid32) {
																							if (data113.pace !== void 0) {
																								let data119 = data113.pace;
																								if (typeof data119 == "number" && isFinite(data119)) {
																									if (data119 > 4 || isNaN(data119)) {
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
																									} else if (data119 < .3 || isNaN(data119)) {
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
																								var valid32 = true;
																							} else var valid32 = true;
																						}
																					}
																				}
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
																if (data.cake !== void 0) {
																	let data120 = data.cake;
																	if (data120 && typeof data120 == "object" && !Array.isArray(data120)) {
																		let missing17;
																		if (data120.batter === void 0 && (missing17 = "batter") || data120.layer === void 0 && (missing17 = "layer") || data120.filling === void 0 && (missing17 = "filling") || data120.fillingThickness === void 0 && (missing17 = "fillingThickness") || data120.coat === void 0 && (missing17 = "coat") || data120.coatThickness === void 0 && (missing17 = "coatThickness") || data120.tins === void 0 && (missing17 = "tins") || data120.chill === void 0 && (missing17 = "chill") || data120.tiers === void 0 && (missing17 = "tiers")) {
																			validate20.errors = [{
																				instancePath: instancePath + "/cake",
																				schemaPath: "#/properties/cake/required",
																				keyword: "required",
																				params: { missingProperty: missing17 },
																				message: "must have required property '" + missing17 + "'"
																			}];
																			return false;
																		} else {
																			for (const key20 in data120) if (!func1.call(schema31.properties.cake.properties, key20)) {
																				validate20.errors = [{
																					instancePath: instancePath + "/cake",
																					schemaPath: "#/properties/cake/additionalProperties",
																					keyword: "additionalProperties",
																					params: { additionalProperty: key20 },
																					message: "must NOT have additional properties"
																				}];
																				return false;
																			}
																			if (data120.batter !== void 0) {
																				let data121 = data120.batter;
																				if (typeof data121 !== "string") {
																					validate20.errors = [{
																						instancePath: instancePath + "/cake/batter",
																						schemaPath: "#/properties/cake/properties/batter/type",
																						keyword: "type",
																						params: { type: "string" },
																						message: "must be string"
																					}];
																					return false;
																				}
																				if (!(data121 === "firm" || data121 === "sponge")) {
																					validate20.errors = [{
																						instancePath: instancePath + "/cake/batter",
																						schemaPath: "#/properties/cake/properties/batter/enum",
																						keyword: "enum",
																						params: { allowedValues: schema31.properties.cake.properties.batter.enum },
																						message: "must be equal to one of the allowed values"
																					}];
																					return false;
																				}
																				var valid33 = true;
																			} else var valid33 = true;
																			if (valid33) {
																				if (data120.density !== void 0) {
																					let data122 = data120.density;
																					if (typeof data122 == "number" && isFinite(data122)) {
																						if (data122 > 1.7 || isNaN(data122)) {
																							validate20.errors = [{
																								instancePath: instancePath + "/cake/density",
																								schemaPath: "#/properties/cake/properties/density/maximum",
																								keyword: "maximum",
																								params: {
																									comparison: "<=",
																									limit: 1.7
																								},
																								message: "must be <= 1.7"
																							}];
																							return false;
																						} else if (data122 < .1 || isNaN(data122)) {
																							validate20.errors = [{
																								instancePath: instancePath + "/cake/density",
																								schemaPath: "#/properties/cake/properties/density/minimum",
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
																							instancePath: instancePath + "/cake/density",
																							schemaPath: "#/properties/cake/properties/density/type",
																							keyword: "type",
																							params: { type: "number" },
																							message: "must be number"
																						}];
																						return false;
																					}
																					var valid33 = true;
																				} else var valid33 = true;
																				if (valid33) {
																					if (data120.layer !== void 0) {
																						let data123 = data120.layer;
																						if (typeof data123 == "number" && isFinite(data123)) {
																							if (data123 > 200 || isNaN(data123)) {
																								validate20.errors = [{
																									instancePath: instancePath + "/cake/layer",
																									schemaPath: "#/properties/cake/properties/layer/maximum",
																									keyword: "maximum",
																									params: {
																										comparison: "<=",
																										limit: 200
																									},
																									message: "must be <= 200"
																								}];
																								return false;
																							} else if (data123 < 5 || isNaN(data123)) {
																								validate20.errors = [{
																									instancePath: instancePath + "/cake/layer",
																									schemaPath: "#/properties/cake/properties/layer/minimum",
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
																								instancePath: instancePath + "/cake/layer",
																								schemaPath: "#/properties/cake/properties/layer/type",
																								keyword: "type",
																								params: { type: "number" },
																								message: "must be number"
																							}];
																							return false;
																						}
																						var valid33 = true;
																					} else var valid33 = true;
																					if (valid33) {
																						if (data120.filling !== void 0) {
																							let data124 = data120.filling;
																							if (typeof data124 !== "string") {
																								validate20.errors = [{
																									instancePath: instancePath + "/cake/filling",
																									schemaPath: "#/properties/cake/properties/filling/type",
																									keyword: "type",
																									params: { type: "string" },
																									message: "must be string"
																								}];
																								return false;
																							}
																							if (!(data124 === "buttercream" || data124 === "ganacheDark" || data124 === "ganacheWhite")) {
																								validate20.errors = [{
																									instancePath: instancePath + "/cake/filling",
																									schemaPath: "#/properties/cake/properties/filling/enum",
																									keyword: "enum",
																									params: { allowedValues: schema31.properties.cake.properties.filling.enum },
																									message: "must be equal to one of the allowed values"
																								}];
																								return false;
																							}
																							var valid33 = true;
																						} else var valid33 = true;
																						if (valid33) {
																							if (data120.fillingThickness !== void 0) {
																								let data125 = data120.fillingThickness;
																								if (typeof data125 == "number" && isFinite(data125)) {
																									if (data125 > 50 || isNaN(data125)) {
																										validate20.errors = [{
																											instancePath: instancePath + "/cake/fillingThickness",
																											schemaPath: "#/properties/cake/properties/fillingThickness/maximum",
																											keyword: "maximum",
																											params: {
																												comparison: "<=",
																												limit: 50
																											},
																											message: "must be <= 50"
																										}];
																										return false;
																									} else if (data125 < 0 || isNaN(data125)) {
																										validate20.errors = [{
																											instancePath: instancePath + "/cake/fillingThickness",
																											schemaPath: "#/properties/cake/properties/fillingThickness/minimum",
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
																										instancePath: instancePath + "/cake/fillingThickness",
																										schemaPath: "#/properties/cake/properties/fillingThickness/type",
																										keyword: "type",
																										params: { type: "number" },
																										message: "must be number"
																									}];
																									return false;
																								}
																								var valid33 = true;
																							} else var valid33 = true;
																							if (valid33) {
																								if (data120.coat !== void 0) {
																									let data126 = data120.coat;
																									if (typeof data126 !== "string") {
																										validate20.errors = [{
																											instancePath: instancePath + "/cake/coat",
																											schemaPath: "#/properties/cake/properties/coat/type",
																											keyword: "type",
																											params: { type: "string" },
																											message: "must be string"
																										}];
																										return false;
																									}
																									if (!(data126 === "buttercream" || data126 === "ganacheDark" || data126 === "ganacheWhite")) {
																										validate20.errors = [{
																											instancePath: instancePath + "/cake/coat",
																											schemaPath: "#/properties/cake/properties/coat/enum",
																											keyword: "enum",
																											params: { allowedValues: schema31.properties.cake.properties.coat.enum },
																											message: "must be equal to one of the allowed values"
																										}];
																										return false;
																									}
																									var valid33 = true;
																								} else var valid33 = true;
																								if (valid33) {
																									if (data120.coatThickness !== void 0) {
																										let data127 = data120.coatThickness;
																										if (typeof data127 == "number" && isFinite(data127)) {
																											if (data127 > 30 || isNaN(data127)) {
																												validate20.errors = [{
																													instancePath: instancePath + "/cake/coatThickness",
																													schemaPath: "#/properties/cake/properties/coatThickness/maximum",
																													keyword: "maximum",
																													params: {
																														comparison: "<=",
																														limit: 30
																													},
																													message: "must be <= 30"
																												}];
																												return false;
																											} else if (data127 < 0 || isNaN(data127)) {
																												validate20.errors = [{
																													instancePath: instancePath + "/cake/coatThickness",
																													schemaPath: "#/properties/cake/properties/coatThickness/minimum",
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
																												instancePath: instancePath + "/cake/coatThickness",
																												schemaPath: "#/properties/cake/properties/coatThickness/type",
																												keyword: "type",
																												params: { type: "number" },
																												message: "must be number"
																											}];
																											return false;
																										}
																										var valid33 = true;
																									} else var valid33 = true;
																									if (valid33) {
																										if (data120.tins !== void 0) {
																											let data128 = data120.tins;
																											if (Array.isArray(data128)) {
																												if (data128.length > 30) {
																													validate20.errors = [{
																														instancePath: instancePath + "/cake/tins",
																														schemaPath: "#/properties/cake/properties/tins/maxItems",
																														keyword: "maxItems",
																														params: { limit: 30 },
																														message: "must NOT have more than 30 items"
																													}];
																													return false;
																												} else if (data128.length < 0) {
																													validate20.errors = [{
																														instancePath: instancePath + "/cake/tins",
																														schemaPath: "#/properties/cake/properties/tins/minItems",
																														keyword: "minItems",
																														params: { limit: 0 },
																														message: "must NOT have fewer than 0 items"
																													}];
																													return false;
																												} else {
																													const len14 = data128.length;
																													for (let i14 = 0; i14 < len14; i14++) {
																														let data129 = data128[i14];
																														if (typeof data129 == "number" && isFinite(data129)) {
																															if (data129 > 800 || isNaN(data129)) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/cake/tins/" + i14,
																																	schemaPath: "#/properties/cake/properties/tins/items/maximum",
																																	keyword: "maximum",
																																	params: {
																																		comparison: "<=",
																																		limit: 800
																																	},
																																	message: "must be <= 800"
																																}];
																																return false;
																															} else if (data129 < 40 || isNaN(data129)) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/cake/tins/" + i14,
																																	schemaPath: "#/properties/cake/properties/tins/items/minimum",
																																	keyword: "minimum",
																																	params: {
																																		comparison: ">=",
																																		limit: 40
																																	},
																																	message: "must be >= 40"
																																}];
																																return false;
																															}
																														} else {
																															validate20.errors = [{
																																instancePath: instancePath + "/cake/tins/" + i14,
																																schemaPath: "#/properties/cake/properties/tins/items/type",
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
																													instancePath: instancePath + "/cake/tins",
																													schemaPath: "#/properties/cake/properties/tins/type",
																													keyword: "type",
																													params: { type: "array" },
																													message: "must be array"
																												}];
																												return false;
																											}
																											var valid33 = true;
																										} else var valid33 = true;
																										if (valid33) {
																											if (data120.chill !== void 0) {
																												let data130 = data120.chill;
																												if (data130 && typeof data130 == "object" && !Array.isArray(data130)) {
																													let missing18;
																													if (data130.where === void 0 && (missing18 = "where") || data130.hours === void 0 && (missing18 = "hours")) {
																														validate20.errors = [{
																															instancePath: instancePath + "/cake/chill",
																															schemaPath: "#/properties/cake/properties/chill/required",
																															keyword: "required",
																															params: { missingProperty: missing18 },
																															message: "must have required property '" + missing18 + "'"
																														}];
																														return false;
																													} else {
																														for (const key21 in data130) if (!(key21 === "where" || key21 === "hours")) {
																															validate20.errors = [{
																																instancePath: instancePath + "/cake/chill",
																																schemaPath: "#/properties/cake/properties/chill/additionalProperties",
																																keyword: "additionalProperties",
																																params: { additionalProperty: key21 },
																																message: "must NOT have additional properties"
																															}];
																															return false;
																														}
																														if (data130.where !== void 0) {
																															let data131 = data130.where;
																															if (typeof data131 !== "string") {
																																validate20.errors = [{
																																	instancePath: instancePath + "/cake/chill/where",
																																	schemaPath: "#/properties/cake/properties/chill/properties/where/type",
																																	keyword: "type",
																																	params: { type: "string" },
																																	message: "must be string"
																																}];
																																return false;
																															}
																															if (!(data131 === "room" || data131 === "fridge" || data131 === "freezer")) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/cake/chill/where",
																																	schemaPath: "#/properties/cake/properties/chill/properties/where/enum",
																																	keyword: "enum",
																																	params: { allowedValues: schema31.properties.cake.properties.chill.properties.where.enum },
																																	message: "must be equal to one of the allowed values"
																																}];
																																return false;
																															}
																															var valid35 = true;
																														} else var valid35 = true;
																														if (valid35) {
																															if (data130.hours !== void 0) {
																																let data132 = data130.hours;
																																if (typeof data132 == "number" && isFinite(data132)) {
																																	if (data132 > 96 || isNaN(data132)) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/cake/chill/hours",
																																			schemaPath: "#/properties/cake/properties/chill/properties/hours/maximum",
																																			keyword: "maximum",
																																			params: {
																																				comparison: "<=",
																																				limit: 96
																																			},
																																			message: "must be <= 96"
																																		}];
																																		return false;
																																	} else if (data132 < 0 || isNaN(data132)) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/cake/chill/hours",
																																			schemaPath: "#/properties/cake/properties/chill/properties/hours/minimum",
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
																																		instancePath: instancePath + "/cake/chill/hours",
																																		schemaPath: "#/properties/cake/properties/chill/properties/hours/type",
																																		keyword: "type",
																																		params: { type: "number" },
																																		message: "must be number"
																																	}];
																																	return false;
																																}
																																var valid35 = true;
																															} else var valid35 = true;
																														}
																													}
																												} else {
																													validate20.errors = [{
																														instancePath: instancePath + "/cake/chill",
																														schemaPath: "#/properties/cake/properties/chill/type",
																														keyword: "type",
																														params: { type: "object" },
																														message: "must be object"
																													}];
																													return false;
																												}
																												var valid33 = true;
																											} else var valid33 = true;
																											if (valid33) {
																												if (data120.tiers !== void 0) {
																													let data133 = data120.tiers;
																													if (Array.isArray(data133)) {
																														if (data133.length > 12) {
																															validate20.errors = [{
																																instancePath: instancePath + "/cake/tiers",
																																schemaPath: "#/properties/cake/properties/tiers/maxItems",
																																keyword: "maxItems",
																																params: { limit: 12 },
																																message: "must NOT have more than 12 items"
																															}];
																															return false;
																														} else if (data133.length < 0) {
																															validate20.errors = [{
																																instancePath: instancePath + "/cake/tiers",
																																schemaPath: "#/properties/cake/properties/tiers/minItems",
																																keyword: "minItems",
																																params: { limit: 0 },
																																message: "must NOT have fewer than 0 items"
																															}];
																															return false;
																														} else {
																															const len15 = data133.length;
																															for (let i15 = 0; i15 < len15; i15++) {
																																let data134 = data133[i15];
																																if (data134 && typeof data134 == "object" && !Array.isArray(data134)) {
																																	let missing19;
																																	if (data134.id === void 0 && (missing19 = "id") || data134.name === void 0 && (missing19 = "name") || data134.shape === void 0 && (missing19 = "shape") || data134.width === void 0 && (missing19 = "width") || data134.height === void 0 && (missing19 = "height") || data134.cover === void 0 && (missing19 = "cover")) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/cake/tiers/" + i15,
																																			schemaPath: "#/properties/cake/properties/tiers/items/required",
																																			keyword: "required",
																																			params: { missingProperty: missing19 },
																																			message: "must have required property '" + missing19 + "'"
																																		}];
																																		return false;
																																	} else {
																																		for (const key22 in data134) if (!(key22 === "id" || key22 === "name" || key22 === "shape" || key22 === "width" || key22 === "height" || key22 === "cover" || key22 === "posts")) {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/cake/tiers/" + i15,
																																				schemaPath: "#/properties/cake/properties/tiers/items/additionalProperties",
																																				keyword: "additionalProperties",
																																				params: { additionalProperty: key22 },
																																				message: "must NOT have additional properties"
																																			}];
																																			return false;
																																		}
																																		if (data134.id !== void 0) {
																																			let data135 = data134.id;
																																			if (typeof data135 === "string") {
																																				if (!pattern5.test(data135)) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/cake/tiers/" + i15 + "/id",
																																						schemaPath: "#/properties/cake/properties/tiers/items/properties/id/pattern",
																																						keyword: "pattern",
																																						params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																																						message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																																					}];
																																					return false;
																																				}
																																			} else {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/cake/tiers/" + i15 + "/id",
																																					schemaPath: "#/properties/cake/properties/tiers/items/properties/id/type",
																																					keyword: "type",
																																					params: { type: "string" },
																																					message: "must be string"
																																				}];
																																				return false;
																																			}
																																			var valid37 = true;
																																		} else var valid37 = true;
																																		if (valid37) {
																																			if (data134.name !== void 0) {
																																				let data136 = data134.name;
																																				if (typeof data136 === "string") {
																																					if (func2(data136) > 120) {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/cake/tiers/" + i15 + "/name",
																																							schemaPath: "#/properties/cake/properties/tiers/items/properties/name/maxLength",
																																							keyword: "maxLength",
																																							params: { limit: 120 },
																																							message: "must NOT have more than 120 characters"
																																						}];
																																						return false;
																																					} else if (func2(data136) < 1) {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/cake/tiers/" + i15 + "/name",
																																							schemaPath: "#/properties/cake/properties/tiers/items/properties/name/minLength",
																																							keyword: "minLength",
																																							params: { limit: 1 },
																																							message: "must NOT have fewer than 1 characters"
																																						}];
																																						return false;
																																					}
																																				} else {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/cake/tiers/" + i15 + "/name",
																																						schemaPath: "#/properties/cake/properties/tiers/items/properties/name/type",
																																						keyword: "type",
																																						params: { type: "string" },
																																						message: "must be string"
																																					}];
																																					return false;
																																				}
																																				var valid37 = true;
																																			} else var valid37 = true;
																																			if (valid37) {
																																				if (data134.shape !== void 0) {
																																					let data137 = data134.shape;
																																					if (typeof data137 !== "string") {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/cake/tiers/" + i15 + "/shape",
																																							schemaPath: "#/properties/cake/properties/tiers/items/properties/shape/type",
																																							keyword: "type",
																																							params: { type: "string" },
																																							message: "must be string"
																																						}];
																																						return false;
																																					}
																																					if (!(data137 === "round" || data137 === "square")) {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/cake/tiers/" + i15 + "/shape",
																																							schemaPath: "#/properties/cake/properties/tiers/items/properties/shape/enum",
																																							keyword: "enum",
																																							params: { allowedValues: schema31.properties.cake.properties.tiers.items.properties.shape.enum },
																																							message: "must be equal to one of the allowed values"
																																						}];
																																						return false;
																																					}
																																					var valid37 = true;
																																				} else var valid37 = true;
																																				if (valid37) {
																																					if (data134.width !== void 0) {
																																						let data138 = data134.width;
																																						if (typeof data138 == "number" && isFinite(data138)) {
																																							if (data138 > 800 || isNaN(data138)) {
																																								validate20.errors = [{
																																									instancePath: instancePath + "/cake/tiers/" + i15 + "/width",
																																									schemaPath: "#/properties/cake/properties/tiers/items/properties/width/maximum",
																																									keyword: "maximum",
																																									params: {
																																										comparison: "<=",
																																										limit: 800
																																									},
																																									message: "must be <= 800"
																																								}];
																																								return false;
																																							} else if (data138 < 40 || isNaN(data138)) {
																																								validate20.errors = [{
																																									instancePath: instancePath + "/cake/tiers/" + i15 + "/width",
																																									schemaPath: "#/properties/cake/properties/tiers/items/properties/width/minimum",
																																									keyword: "minimum",
																																									params: {
																																										comparison: ">=",
																																										limit: 40
																																									},
																																									message: "must be >= 40"
																																								}];
																																								return false;
																																							}
																																						} else {
																																							validate20.errors = [{
																																								instancePath: instancePath + "/cake/tiers/" + i15 + "/width",
																																								schemaPath: "#/properties/cake/properties/tiers/items/properties/width/type",
																																								keyword: "type",
																																								params: { type: "number" },
																																								message: "must be number"
																																							}];
																																							return false;
																																						}
																																						var valid37 = true;
																																					} else var valid37 = true;
																																					if (valid37) {
																																						if (data134.height !== void 0) {
																																							let data139 = data134.height;
																																							if (typeof data139 == "number" && isFinite(data139)) {
																																								if (data139 > 400 || isNaN(data139)) {
																																									validate20.errors = [{
																																										instancePath: instancePath + "/cake/tiers/" + i15 + "/height",
																																										schemaPath: "#/properties/cake/properties/tiers/items/properties/height/maximum",
																																										keyword: "maximum",
																																										params: {
																																											comparison: "<=",
																																											limit: 400
																																										},
																																										message: "must be <= 400"
																																									}];
																																									return false;
																																								} else if (data139 < 20 || isNaN(data139)) {
																																									validate20.errors = [{
																																										instancePath: instancePath + "/cake/tiers/" + i15 + "/height",
																																										schemaPath: "#/properties/cake/properties/tiers/items/properties/height/minimum",
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
																																									instancePath: instancePath + "/cake/tiers/" + i15 + "/height",
																																									schemaPath: "#/properties/cake/properties/tiers/items/properties/height/type",
																																									keyword: "type",
																																									params: { type: "number" },
																																									message: "must be number"
																																								}];
																																								return false;
																																							}
																																							var valid37 = true;
																																						} else var valid37 = true;
																																						if (valid37) {
																																							if (data134.cover !== void 0) {
																																								let data140 = data134.cover;
																																								if (data140 && typeof data140 == "object" && !Array.isArray(data140)) {
																																									let missing20;
																																									if (data140.thickness === void 0 && (missing20 = "thickness") || data140.blend === void 0 && (missing20 = "blend") || data140.colour === void 0 && (missing20 = "colour")) {
																																										validate20.errors = [{
																																											instancePath: instancePath + "/cake/tiers/" + i15 + "/cover",
																																											schemaPath: "#/properties/cake/properties/tiers/items/properties/cover/required",
																																											keyword: "required",
																																											params: { missingProperty: missing20 },
																																											message: "must have required property '" + missing20 + "'"
																																										}];
																																										return false;
																																									} else {
																																										for (const key23 in data140) if (!(key23 === "thickness" || key23 === "blend" || key23 === "colour")) {
																																											validate20.errors = [{
																																												instancePath: instancePath + "/cake/tiers/" + i15 + "/cover",
																																												schemaPath: "#/properties/cake/properties/tiers/items/properties/cover/additionalProperties",
																																												keyword: "additionalProperties",
																																												params: { additionalProperty: key23 },
																																												message: "must NOT have additional properties"
																																											}];
																																											return false;
																																										}
																																										if (data140.thickness !== void 0) {
																																											let data141 = data140.thickness;
																																											if (typeof data141 == "number" && isFinite(data141)) {
																																												if (data141 > 20 || isNaN(data141)) {
																																													validate20.errors = [{
																																														instancePath: instancePath + "/cake/tiers/" + i15 + "/cover/thickness",
																																														schemaPath: "#/properties/cake/properties/tiers/items/properties/cover/properties/thickness/maximum",
																																														keyword: "maximum",
																																														params: {
																																															comparison: "<=",
																																															limit: 20
																																														},
																																														message: "must be <= 20"
																																													}];
																																													return false;
																																												} else if (data141 < 1 || isNaN(data141)) {
																																													validate20.errors = [{
																																														instancePath: instancePath + "/cake/tiers/" + i15 + "/cover/thickness",
																																														schemaPath: "#/properties/cake/properties/tiers/items/properties/cover/properties/thickness/minimum",
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
																																													instancePath: instancePath + "/cake/tiers/" + i15 + "/cover/thickness",
																																													schemaPath: "#/properties/cake/properties/tiers/items/properties/cover/properties/thickness/type",
																																													keyword: "type",
																																													params: { type: "number" },
																																													message: "must be number"
																																												}];
																																												return false;
																																											}
																																											var valid38 = true;
																																										} else var valid38 = true;
																																										if (valid38) {
																																											if (data140.blend !== void 0) {
																																												let data142 = data140.blend;
																																												if (typeof data142 === "string") {
																																													if (!pattern5.test(data142)) {
																																														validate20.errors = [{
																																															instancePath: instancePath + "/cake/tiers/" + i15 + "/cover/blend",
																																															schemaPath: "#/properties/cake/properties/tiers/items/properties/cover/properties/blend/pattern",
																																															keyword: "pattern",
																																															params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																																															message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																																														}];
																																														return false;
																																													}
																																												} else {
																																													validate20.errors = [{
																																														instancePath: instancePath + "/cake/tiers/" + i15 + "/cover/blend",
																																														schemaPath: "#/properties/cake/properties/tiers/items/properties/cover/properties/blend/type",
																																														keyword: "type",
																																														params: { type: "string" },
																																														message: "must be string"
																																													}];
																																													return false;
																																												}
																																												var valid38 = true;
																																											} else var valid38 = true;
																																											if (valid38) {
																																												if (data140.colour !== void 0) {
																																													let data143 = data140.colour;
																																													if (typeof data143 === "string") {
																																														if (!pattern5.test(data143)) {
																																															validate20.errors = [{
																																																instancePath: instancePath + "/cake/tiers/" + i15 + "/cover/colour",
																																																schemaPath: "#/properties/cake/properties/tiers/items/properties/cover/properties/colour/pattern",
																																																keyword: "pattern",
																																																params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																																																message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																																															}];
																																															return false;
																																														}
																																													} else {
																																														validate20.errors = [{
																																															instancePath: instancePath + "/cake/tiers/" + i15 + "/cover/colour",
																																															schemaPath: "#/properties/cake/properties/tiers/items/properties/cover/properties/colour/type",
																																															keyword: "type",
																																															params: { type: "string" },
																																															message: "must be string"
																																														}];
																																														return false;
																																													}
																																													var valid38 = true;
																																												} else var valid38 = true;
																																											}
																																										}
																																									}
																																								} else {
																																									validate20.errors = [{
																																										instancePath: instancePath + "/cake/tiers/" + i15 + "/cover",
																																										schemaPath: "#/properties/cake/properties/tiers/items/properties/cover/type",
																																										keyword: "type",
																																										params: { type: "object" },
																																										message: "must be object"
																																									}];
																																									return false;
																																								}
																																								var valid37 = true;
																																							} else var valid37 = true;
																																							if (valid37) {
																																								if (data134.posts !== void 0) {
																																									let data144 = data134.posts;
																																									if (data144 && typeof data144 == "object" && !Array.isArray(data144)) {
																																										let missing21;
																																										if (data144.stock === void 0 && (missing21 = "stock") || data144.number === void 0 && (missing21 = "number")) {
																																											validate20.errors = [{
																																												instancePath: instancePath + "/cake/tiers/" + i15 + "/posts",
																																												schemaPath: "#/properties/cake/properties/tiers/items/properties/posts/required",
																																												keyword: "required",
																																												params: { missingProperty: missing21 },
																																												message: "must have required property '" + missing21 + "'"
																																											}];
																																											return false;
																																										} else {
																																											for (const key24 in data144) if (!(key24 === "stock" || key24 === "number")) {
																																												validate20.errors = [{
																																													instancePath: instancePath + "/cake/tiers/" + i15 + "/posts",
																																													schemaPath: "#/properties/cake/properties/tiers/items/properties/posts/additionalProperties",
																																													keyword: "additionalProperties",
																																													params: { additionalProperty: key24 },
																																													message: "must NOT have additional properties"
																																												}];
																																												return false;
																																											}
																																											if (data144.stock !== void 0) {
																																												let data145 = data144.stock;
																																												if (typeof data145 !== "string") {
																																													validate20.errors = [{
																																														instancePath: instancePath + "/cake/tiers/" + i15 + "/posts/stock",
																																														schemaPath: "#/properties/cake/properties/tiers/items/properties/posts/properties/stock/type",
																																														keyword: "type",
																																														params: { type: "string" },
																																														message: "must be string"
																																													}];
																																													return false;
																																												}
																																												if (!(data145 === "spaghetti18" || data145 === "cocktail2" || data145 === "skewer3" || data145 === "wire26" || data145 === "wire24" || data145 === "wire22" || data145 === "wire20" || data145 === "wire18" || data145 === "paper4" || data145 === "skewer4" || data145 === "straw12" || data145 === "dowel6" || data145 === "dowel8" || data145 === "hollow16" || data145 === "dowel10" || data145 === "dowel12" || data145 === "armature3" || data145 === "armature6" || data145 === "copper6" || data145 === "copper8" || data145 === "copper10" || data145 === "m6" || data145 === "m8" || data145 === "m10" || data145 === "m12" || data145 === "stainless6" || data145 === "stainless10" || data145 === "stainless12")) {
																																													validate20.errors = [{
																																														instancePath: instancePath + "/cake/tiers/" + i15 + "/posts/stock",
																																														schemaPath: "#/properties/cake/properties/tiers/items/properties/posts/properties/stock/enum",
																																														keyword: "enum",
																																														params: { allowedValues: schema31.properties.cake.properties.tiers.items.properties.posts.properties.stock.enum },
																																														message: "must be equal to one of the allowed values"
																																													}];
																																													return false;
																																												}
																																												var valid39 = true;
																																											} else var valid39 = true;
																																											if (valid39) {
																																												if (data144.number !== void 0) {
																																													let data146 = data144.number;
																																													if (!(typeof data146 == "number" && !(data146 % 1) && !isNaN(data146) && isFinite(data146))) {
																																														validate20.errors = [{
																																															instancePath: instancePath + "/cake/tiers/" + i15 + "/posts/number",
																																															schemaPath: "#/properties/cake/properties/tiers/items/properties/posts/properties/number/type",
																																															keyword: "type",
																																															params: { type: "integer" },
																																															message: "must be integer"
																																														}];
																																														return false;
																																													}
																																													if (typeof data146 == "number" && isFinite(data146)) {
																																														if (data146 > 12 || isNaN(data146)) {
																																															validate20.errors = [{
																																																instancePath: instancePath + "/cake/tiers/" + i15 + "/posts/number",
																																																schemaPath: "#/properties/cake/properties/tiers/items/properties/posts/properties/number/maximum",
																																																keyword: "maximum",
																																																params: {
																																																	comparison: "<=",
																																																	limit: 12
																																																},
																																																message: "must be <= 12"
																																															}];
																																															return false;
																																														} else if (data146 < 1 || isNaN(data146)) {
																																															validate20.errors = [{
																																																instancePath: instancePath + "/cake/tiers/" + i15 + "/posts/number",
																																																schemaPath: "#/properties/cake/properties/tiers/items/properties/posts/properties/number/minimum",
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
																																													var valid39 = true;
																																												} else var valid39 = true;
																																											}
																																										}
																																									} else {
																																										validate20.errors = [{
																																											instancePath: instancePath + "/cake/tiers/" + i15 + "/posts",
																																											schemaPath: "#/properties/cake/properties/tiers/items/properties/posts/type",
																																											keyword: "type",
																																											params: { type: "object" },
																																											message: "must be object"
																																										}];
																																										return false;
																																									}
																																									var valid37 = true;
																																								} else var valid37 = true;
																																							}
																																						}
																																					}
																																				}
																																			}
																																		}
																																	}
																																} else {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/cake/tiers/" + i15,
																																		schemaPath: "#/properties/cake/properties/tiers/items/type",
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
																															instancePath: instancePath + "/cake/tiers",
																															schemaPath: "#/properties/cake/properties/tiers/type",
																															keyword: "type",
																															params: { type: "array" },
																															message: "must be array"
																														}];
																														return false;
																													}
																													var valid33 = true;
																												} else var valid33 = true;
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
																			instancePath: instancePath + "/cake",
																			schemaPath: "#/properties/cake/type",
																			keyword: "type",
																			params: { type: "object" },
																			message: "must be object"
																		}];
																		return false;
																	}
																	var valid0 = true;
																} else var valid0 = true;
																if (valid0) {
																	if (data.portions !== void 0) {
																		let data147 = data.portions;
																		if (data147 && typeof data147 == "object" && !Array.isArray(data147)) {
																			let missing22;
																			if (data147.piece === void 0 && (missing22 = "piece") || data147.target === void 0 && (missing22 = "target") || data147.within === void 0 && (missing22 = "within") || data147.step === void 0 && (missing22 = "step") || data147.caseWidth === void 0 && (missing22 = "caseWidth") || data147.weighed === void 0 && (missing22 = "weighed")) {
																				validate20.errors = [{
																					instancePath: instancePath + "/portions",
																					schemaPath: "#/properties/portions/required",
																					keyword: "required",
																					params: { missingProperty: missing22 },
																					message: "must have required property '" + missing22 + "'"
																				}];
																				return false;
																			} else {
																				for (const key25 in data147) if (!(key25 === "piece" || key25 === "target" || key25 === "within" || key25 === "step" || key25 === "caseWidth" || key25 === "weighed")) {
																					validate20.errors = [{
																						instancePath: instancePath + "/portions",
																						schemaPath: "#/properties/portions/additionalProperties",
																						keyword: "additionalProperties",
																						params: { additionalProperty: key25 },
																						message: "must NOT have additional properties"
																					}];
																					return false;
																				}
																				if (data147.piece !== void 0) {
																					let data148 = data147.piece;
																					if (typeof data148 === "string") {
																						if (!pattern5.test(data148)) {
																							validate20.errors = [{
																								instancePath: instancePath + "/portions/piece",
																								schemaPath: "#/properties/portions/properties/piece/pattern",
																								keyword: "pattern",
																								params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																								message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																							}];
																							return false;
																						}
																					} else {
																						validate20.errors = [{
																							instancePath: instancePath + "/portions/piece",
																							schemaPath: "#/properties/portions/properties/piece/type",
																							keyword: "type",
																							params: { type: "string" },
																							message: "must be string"
																						}];
																						return false;
																					}
																					var valid40 = true;
																				} else var valid40 = true;
																				if (valid40) {
																					if (data147.target !== void 0) {
																						let data149 = data147.target;
																						if (typeof data149 == "number" && isFinite(data149)) {
																							if (data149 > 5e3 || isNaN(data149)) {
																								validate20.errors = [{
																									instancePath: instancePath + "/portions/target",
																									schemaPath: "#/properties/portions/properties/target/maximum",
																									keyword: "maximum",
																									params: {
																										comparison: "<=",
																										limit: 5e3
																									},
																									message: "must be <= 5000"
																								}];
																								return false;
																							} else if (data149 < .01 || isNaN(data149)) {
																								validate20.errors = [{
																									instancePath: instancePath + "/portions/target",
																									schemaPath: "#/properties/portions/properties/target/minimum",
																									keyword: "minimum",
																									params: {
																										comparison: ">=",
																										limit: .01
																									},
																									message: "must be >= 0.01"
																								}];
																								return false;
																							}
																						} else {
																							validate20.errors = [{
																								instancePath: instancePath + "/portions/target",
																								schemaPath: "#/properties/portions/properties/target/type",
																								keyword: "type",
																								params: { type: "number" },
																								message: "must be number"
																							}];
																							return false;
																						}
																						var valid40 = true;
																					} else var valid40 = true;
																					if (valid40) {
																						if (data147.within !== void 0) {
																							let data150 = data147.within;
																							if (typeof data150 == "number" && isFinite(data150)) {
																								if (data150 > 1e3 || isNaN(data150)) {
																									validate20.errors = [{
																										instancePath: instancePath + "/portions/within",
																										schemaPath: "#/properties/portions/properties/within/maximum",
																										keyword: "maximum",
																										params: {
																											comparison: "<=",
																											limit: 1e3
																										},
																										message: "must be <= 1000"
																									}];
																									return false;
																								} else if (data150 < .001 || isNaN(data150)) {
																									validate20.errors = [{
																										instancePath: instancePath + "/portions/within",
																										schemaPath: "#/properties/portions/properties/within/minimum",
																										keyword: "minimum",
																										params: {
																											comparison: ">=",
																											limit: .001
																										},
																										message: "must be >= 0.001"
																									}];
																									return false;
																								}
																							} else {
																								validate20.errors = [{
																									instancePath: instancePath + "/portions/within",
																									schemaPath: "#/properties/portions/properties/within/type",
																									keyword: "type",
																									params: { type: "number" },
																									message: "must be number"
																								}];
																								return false;
																							}
																							var valid40 = true;
																						} else var valid40 = true;
																						if (valid40) {
																							if (data147.step !== void 0) {
																								let data151 = data147.step;
																								if (typeof data151 == "number" && isFinite(data151)) {
																									if (data151 > 10 || isNaN(data151)) {
																										validate20.errors = [{
																											instancePath: instancePath + "/portions/step",
																											schemaPath: "#/properties/portions/properties/step/maximum",
																											keyword: "maximum",
																											params: {
																												comparison: "<=",
																												limit: 10
																											},
																											message: "must be <= 10"
																										}];
																										return false;
																									} else if (data151 < .001 || isNaN(data151)) {
																										validate20.errors = [{
																											instancePath: instancePath + "/portions/step",
																											schemaPath: "#/properties/portions/properties/step/minimum",
																											keyword: "minimum",
																											params: {
																												comparison: ">=",
																												limit: .001
																											},
																											message: "must be >= 0.001"
																										}];
																										return false;
																									}
																								} else {
																									validate20.errors = [{
																										instancePath: instancePath + "/portions/step",
																										schemaPath: "#/properties/portions/properties/step/type",
																										keyword: "type",
																										params: { type: "number" },
																										message: "must be number"
																									}];
																									return false;
																								}
																								var valid40 = true;
																							} else var valid40 = true;
																							if (valid40) {
																								if (data147.caseWidth !== void 0) {
																									let data152 = data147.caseWidth;
																									if (typeof data152 == "number" && isFinite(data152)) {
																										if (data152 > 500 || isNaN(data152)) {
																											validate20.errors = [{
																												instancePath: instancePath + "/portions/caseWidth",
																												schemaPath: "#/properties/portions/properties/caseWidth/maximum",
																												keyword: "maximum",
																												params: {
																													comparison: "<=",
																													limit: 500
																												},
																												message: "must be <= 500"
																											}];
																											return false;
																										} else if (data152 < 0 || isNaN(data152)) {
																											validate20.errors = [{
																												instancePath: instancePath + "/portions/caseWidth",
																												schemaPath: "#/properties/portions/properties/caseWidth/minimum",
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
																											instancePath: instancePath + "/portions/caseWidth",
																											schemaPath: "#/properties/portions/properties/caseWidth/type",
																											keyword: "type",
																											params: { type: "number" },
																											message: "must be number"
																										}];
																										return false;
																									}
																									var valid40 = true;
																								} else var valid40 = true;
																								if (valid40) {
																									if (data147.weighed !== void 0) {
																										let data153 = data147.weighed;
																										if (Array.isArray(data153)) {
																											if (data153.length > 2e3) {
																												validate20.errors = [{
																													instancePath: instancePath + "/portions/weighed",
																													schemaPath: "#/properties/portions/properties/weighed/maxItems",
																													keyword: "maxItems",
																													params: { limit: 2e3 },
																													message: "must NOT have more than 2000 items"
																												}];
																												return false;
																											} else if (data153.length < 0) {
																												validate20.errors = [{
																													instancePath: instancePath + "/portions/weighed",
																													schemaPath: "#/properties/portions/properties/weighed/minItems",
																													keyword: "minItems",
																													params: { limit: 0 },
																													message: "must NOT have fewer than 0 items"
																												}];
																												return false;
																											} else {
																												const len16 = data153.length;
																												for (let i16 = 0; i16 < len16; i16++) {
																													let data154 = data153[i16];
																													if (typeof data154 == "number" && isFinite(data154)) {
																														if (data154 > 1e4 || isNaN(data154)) {
																															validate20.errors = [{
																																instancePath: instancePath + "/portions/weighed/" + i16,
																																schemaPath: "#/properties/portions/properties/weighed/items/maximum",
																																keyword: "maximum",
																																params: {
																																	comparison: "<=",
																																	limit: 1e4
																																},
																																message: "must be <= 10000"
																															}];
																															return false;
																														} else if (data154 < .001 || isNaN(data154)) {
																															validate20.errors = [{
																																instancePath: instancePath + "/portions/weighed/" + i16,
																																schemaPath: "#/properties/portions/properties/weighed/items/minimum",
																																keyword: "minimum",
																																params: {
																																	comparison: ">=",
																																	limit: .001
																																},
																																message: "must be >= 0.001"
																															}];
																															return false;
																														}
																													} else {
																														validate20.errors = [{
																															instancePath: instancePath + "/portions/weighed/" + i16,
																															schemaPath: "#/properties/portions/properties/weighed/items/type",
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
																												instancePath: instancePath + "/portions/weighed",
																												schemaPath: "#/properties/portions/properties/weighed/type",
																												keyword: "type",
																												params: { type: "array" },
																												message: "must be array"
																											}];
																											return false;
																										}
																										var valid40 = true;
																									} else var valid40 = true;
																								}
																							}
																						}
																					}
																				}
																			}
																		} else {
																			validate20.errors = [{
																				instancePath: instancePath + "/portions",
																				schemaPath: "#/properties/portions/type",
																				keyword: "type",
																				params: { type: "object" },
																				message: "must be object"
																			}];
																			return false;
																		}
																		var valid0 = true;
																	} else var valid0 = true;
																	if (valid0) {
																		if (data.stack !== void 0) {
																			let data155 = data.stack;
																			if (data155 && typeof data155 == "object" && !Array.isArray(data155)) {
																				let missing23;
																				if (data155.thread === void 0 && (missing23 = "thread") || data155.items === void 0 && (missing23 = "items")) {
																					validate20.errors = [{
																						instancePath: instancePath + "/stack",
																						schemaPath: "#/properties/stack/required",
																						keyword: "required",
																						params: { missingProperty: missing23 },
																						message: "must have required property '" + missing23 + "'"
																					}];
																					return false;
																				} else {
																					for (const key26 in data155) if (!(key26 === "thread" || key26 === "items" || key26 === "cutAt")) {
																						validate20.errors = [{
																							instancePath: instancePath + "/stack",
																							schemaPath: "#/properties/stack/additionalProperties",
																							keyword: "additionalProperties",
																							params: { additionalProperty: key26 },
																							message: "must NOT have additional properties"
																						}];
																						return false;
																					}
																					if (data155.thread !== void 0) {
																						let data156 = data155.thread;
																						if (!(typeof data156 == "number" && !(data156 % 1) && !isNaN(data156) && isFinite(data156))) {
																							validate20.errors = [{
																								instancePath: instancePath + "/stack/thread",
																								schemaPath: "#/properties/stack/properties/thread/type",
																								keyword: "type",
																								params: { type: "integer" },
																								message: "must be integer"
																							}];
																							return false;
																						}
																						if (!(data156 === 6 || data156 === 8 || data156 === 10 || data156 === 12)) {
																							validate20.errors = [{
																								instancePath: instancePath + "/stack/thread",
																								schemaPath: "#/properties/stack/properties/thread/enum",
																								keyword: "enum",
																								params: { allowedValues: schema31.properties.stack.properties.thread.enum },
																								message: "must be equal to one of the allowed values"
																							}];
																							return false;
																						}
																						var valid42 = true;
																					} else var valid42 = true;
																					if (valid42) {
																						if (data155.items !== void 0) {
																							let data157 = data155.items;
																							if (Array.isArray(data157)) {
																								if (data157.length > 40) {
																									validate20.errors = [{
																										instancePath: instancePath + "/stack/items",
																										schemaPath: "#/properties/stack/properties/items/maxItems",
																										keyword: "maxItems",
																										params: { limit: 40 },
																										message: "must NOT have more than 40 items"
																									}];
																									return false;
																								} else if (data157.length < 0) {
																									validate20.errors = [{
																										instancePath: instancePath + "/stack/items",
																										schemaPath: "#/properties/stack/properties/items/minItems",
																										keyword: "minItems",
																										params: { limit: 0 },
																										message: "must NOT have fewer than 0 items"
																									}];
																									return false;
																								} else {
																									const len17 = data157.length;
																									for (let i17 = 0; i17 < len17; i17++) {
																										let data158 = data157[i17];
																										if (data158 && typeof data158 == "object" && !Array.isArray(data158)) {
																											let missing24;
																											if (data158.id === void 0 && (missing24 = "id") || data158.kind === void 0 && (missing24 = "kind") || data158.name === void 0 && (missing24 = "name") || data158.thick === void 0 && (missing24 = "thick")) {
																												validate20.errors = [{
																													instancePath: instancePath + "/stack/items/" + i17,
																													schemaPath: "#/properties/stack/properties/items/items/required",
																													keyword: "required",
																													params: { missingProperty: missing24 },
																													message: "must have required property '" + missing24 + "'"
																												}];
																												return false;
																											} else {
																												for (const key27 in data158) if (!(key27 === "id" || key27 === "kind" || key27 === "name" || key27 === "thick")) {
																													validate20.errors = [{
																														instancePath: instancePath + "/stack/items/" + i17,
																														schemaPath: "#/properties/stack/properties/items/items/additionalProperties",
																														keyword: "additionalProperties",
																														params: { additionalProperty: key27 },
																														message: "must NOT have additional properties"
																													}];
																													return false;
																												}
																												if (data158.id !== void 0) {
																													let data159 = data158.id;
																													if (typeof data159 === "string") {
																														if (!pattern5.test(data159)) {
																															validate20.errors = [{
																																instancePath: instancePath + "/stack/items/" + i17 + "/id",
																																schemaPath: "#/properties/stack/properties/items/items/properties/id/pattern",
																																keyword: "pattern",
																																params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																																message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																															}];
																															return false;
																														}
																													} else {
																														validate20.errors = [{
																															instancePath: instancePath + "/stack/items/" + i17 + "/id",
																															schemaPath: "#/properties/stack/properties/items/items/properties/id/type",
																															keyword: "type",
																															params: { type: "string" },
																															message: "must be string"
																														}];
																														return false;
																													}
																													var valid44 = true;
																												} else var valid44 = true;
																												if (valid44) {
																													if (data158.kind !== void 0) {
																														let data160 = data158.kind;
																														if (typeof data160 !== "string") {
																															validate20.errors = [{
																																instancePath: instancePath + "/stack/items/" + i17 + "/kind",
																																schemaPath: "#/properties/stack/properties/items/items/properties/kind/type",
																																keyword: "type",
																																params: { type: "string" },
																																message: "must be string"
																															}];
																															return false;
																														}
																														if (!(data160 === "feet" || data160 === "nut" || data160 === "washer" || data160 === "large" || data160 === "base" || data160 === "board" || data160 === "gap" || data160 === "tier")) {
																															validate20.errors = [{
																																instancePath: instancePath + "/stack/items/" + i17 + "/kind",
																																schemaPath: "#/properties/stack/properties/items/items/properties/kind/enum",
																																keyword: "enum",
																																params: { allowedValues: schema31.properties.stack.properties.items.items.properties.kind.enum },
																																message: "must be equal to one of the allowed values"
																															}];
																															return false;
																														}
																														var valid44 = true;
																													} else var valid44 = true;
																													if (valid44) {
																														if (data158.name !== void 0) {
																															let data161 = data158.name;
																															if (typeof data161 === "string") {
																																if (func2(data161) > 120) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/stack/items/" + i17 + "/name",
																																		schemaPath: "#/properties/stack/properties/items/items/properties/name/maxLength",
																																		keyword: "maxLength",
																																		params: { limit: 120 },
																																		message: "must NOT have more than 120 characters"
																																	}];
																																	return false;
																																} else if (func2(data161) < 1) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/stack/items/" + i17 + "/name",
																																		schemaPath: "#/properties/stack/properties/items/items/properties/name/minLength",
																																		keyword: "minLength",
																																		params: { limit: 1 },
																																		message: "must NOT have fewer than 1 characters"
																																	}];
																																	return false;
																																}
																															} else {
																																validate20.errors = [{
																																	instancePath: instancePath + "/stack/items/" + i17 + "/name",
																																	schemaPath: "#/properties/stack/properties/items/items/properties/name/type",
																																	keyword: "type",
																																	params: { type: "string" },
																																	message: "must be string"
																																}];
																																return false;
																															}
																															var valid44 = true;
																														} else var valid44 = true;
																														if (valid44) {
																															if (data158.thick !== void 0) {
																																let data162 = data158.thick;
																																if (typeof data162 == "number" && isFinite(data162)) {
																																	if (data162 > 600 || isNaN(data162)) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/stack/items/" + i17 + "/thick",
																																			schemaPath: "#/properties/stack/properties/items/items/properties/thick/maximum",
																																			keyword: "maximum",
																																			params: {
																																				comparison: "<=",
																																				limit: 600
																																			},
																																			message: "must be <= 600"
																																		}];
																																		return false;
																																	} else if (data162 < 0 || isNaN(data162)) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/stack/items/" + i17 + "/thick",
																																			schemaPath: "#/properties/stack/properties/items/items/properties/thick/minimum",
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
																																		instancePath: instancePath + "/stack/items/" + i17 + "/thick",
																																		schemaPath: "#/properties/stack/properties/items/items/properties/thick/type",
																																		keyword: "type",
																																		params: { type: "number" },
																																		message: "must be number"
																																	}];
																																	return false;
																																}
																																var valid44 = true;
																															} else var valid44 = true;
																														}
																													}
																												}
																											}
																										} else {
																											validate20.errors = [{
																												instancePath: instancePath + "/stack/items/" + i17,
																												schemaPath: "#/properties/stack/properties/items/items/type",
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
																									instancePath: instancePath + "/stack/items",
																									schemaPath: "#/properties/stack/properties/items/type",
																									keyword: "type",
																									params: { type: "array" },
																									message: "must be array"
																								}];
																								return false;
																							}
																							var valid42 = true;
																						} else var valid42 = true;
																						if (valid42) {
																							if (data155.cutAt !== void 0) {
																								let data163 = data155.cutAt;
																								if (typeof data163 == "number" && isFinite(data163)) {
																									if (data163 > 3e3 || isNaN(data163)) {
																										validate20.errors = [{
																											instancePath: instancePath + "/stack/cutAt",
																											schemaPath: "#/properties/stack/properties/cutAt/maximum",
																											keyword: "maximum",
																											params: {
																												comparison: "<=",
																												limit: 3e3
																											},
																											message: "must be <= 3000"
																										}];
																										return false;
																									} else if (data163 < 0 || isNaN(data163)) {
																										validate20.errors = [{
																											instancePath: instancePath + "/stack/cutAt",
																											schemaPath: "#/properties/stack/properties/cutAt/minimum",
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
																										instancePath: instancePath + "/stack/cutAt",
																										schemaPath: "#/properties/stack/properties/cutAt/type",
																										keyword: "type",
																										params: { type: "number" },
																										message: "must be number"
																									}];
																									return false;
																								}
																								var valid42 = true;
																							} else var valid42 = true;
																						}
																					}
																				}
																			} else {
																				validate20.errors = [{
																					instancePath: instancePath + "/stack",
																					schemaPath: "#/properties/stack/type",
																					keyword: "type",
																					params: { type: "object" },
																					message: "must be object"
																				}];
																				return false;
																			}
																			var valid0 = true;
																		} else var valid0 = true;
																		if (valid0) {
																			if (data.reserves !== void 0) {
																				let data164 = data.reserves;
																				if (Array.isArray(data164)) {
																					if (data164.length > 200) {
																						validate20.errors = [{
																							instancePath: instancePath + "/reserves",
																							schemaPath: "#/properties/reserves/maxItems",
																							keyword: "maxItems",
																							params: { limit: 200 },
																							message: "must NOT have more than 200 items"
																						}];
																						return false;
																					} else if (data164.length < 0) {
																						validate20.errors = [{
																							instancePath: instancePath + "/reserves",
																							schemaPath: "#/properties/reserves/minItems",
																							keyword: "minItems",
																							params: { limit: 0 },
																							message: "must NOT have fewer than 0 items"
																						}];
																						return false;
																					} else {
																						const len18 = data164.length;
																						for (let i18 = 0; i18 < len18; i18++) {
																							let data165 = data164[i18];
																							if (data165 && typeof data165 == "object" && !Array.isArray(data165)) {
																								let missing25;
																								if (data165.stock === void 0 && (missing25 = "stock") || data165.name === void 0 && (missing25 = "name") || data165.batch === void 0 && (missing25 = "batch") || data165.grams === void 0 && (missing25 = "grams") || data165.recolour === void 0 && (missing25 = "recolour") || data165.allergens === void 0 && (missing25 = "allergens")) {
																									validate20.errors = [{
																										instancePath: instancePath + "/reserves/" + i18,
																										schemaPath: "#/properties/reserves/items/required",
																										keyword: "required",
																										params: { missingProperty: missing25 },
																										message: "must have required property '" + missing25 + "'"
																									}];
																									return false;
																								} else {
																									for (const key28 in data165) if (!(key28 === "stock" || key28 === "name" || key28 === "batch" || key28 === "grams" || key28 === "recolour" || key28 === "allergens" || key28 === "keepBy")) {
																										validate20.errors = [{
																											instancePath: instancePath + "/reserves/" + i18,
																											schemaPath: "#/properties/reserves/items/additionalProperties",
																											keyword: "additionalProperties",
																											params: { additionalProperty: key28 },
																											message: "must NOT have additional properties"
																										}];
																										return false;
																									}
																									if (data165.stock !== void 0) {
																										let data166 = data165.stock;
																										if (typeof data166 === "string") {
																											if (func2(data166) > 80) {
																												validate20.errors = [{
																													instancePath: instancePath + "/reserves/" + i18 + "/stock",
																													schemaPath: "#/properties/reserves/items/properties/stock/maxLength",
																													keyword: "maxLength",
																													params: { limit: 80 },
																													message: "must NOT have more than 80 characters"
																												}];
																												return false;
																											} else if (func2(data166) < 1) {
																												validate20.errors = [{
																													instancePath: instancePath + "/reserves/" + i18 + "/stock",
																													schemaPath: "#/properties/reserves/items/properties/stock/minLength",
																													keyword: "minLength",
																													params: { limit: 1 },
																													message: "must NOT have fewer than 1 characters"
																												}];
																												return false;
																											}
																										} else {
																											validate20.errors = [{
																												instancePath: instancePath + "/reserves/" + i18 + "/stock",
																												schemaPath: "#/properties/reserves/items/properties/stock/type",
																												keyword: "type",
																												params: { type: "string" },
																												message: "must be string"
																											}];
																											return false;
																										}
																										var valid46 = true;
																									} else var valid46 = true;
																									if (valid46) {
																										if (data165.name !== void 0) {
																											let data167 = data165.name;
																											if (typeof data167 === "string") {
																												if (func2(data167) > 120) {
																													validate20.errors = [{
																														instancePath: instancePath + "/reserves/" + i18 + "/name",
																														schemaPath: "#/properties/reserves/items/properties/name/maxLength",
																														keyword: "maxLength",
																														params: { limit: 120 },
																														message: "must NOT have more than 120 characters"
																													}];
																													return false;
																												} else if (func2(data167) < 1) {
																													validate20.errors = [{
																														instancePath: instancePath + "/reserves/" + i18 + "/name",
																														schemaPath: "#/properties/reserves/items/properties/name/minLength",
																														keyword: "minLength",
																														params: { limit: 1 },
																														message: "must NOT have fewer than 1 characters"
																													}];
																													return false;
																												}
																											} else {
																												validate20.errors = [{
																													instancePath: instancePath + "/reserves/" + i18 + "/name",
																													schemaPath: "#/properties/reserves/items/properties/name/type",
																													keyword: "type",
																													params: { type: "string" },
																													message: "must be string"
																												}];
																												return false;
																											}
																											var valid46 = true;
																										} else var valid46 = true;
																										if (valid46) {
																											if (data165.batch !== void 0) {
																												let data168 = data165.batch;
																												if (typeof data168 === "string") {
																													if (func2(data168) > 130) {
																														validate20.errors = [{
																															instancePath: instancePath + "/reserves/" + i18 + "/batch",
																															schemaPath: "#/properties/reserves/items/properties/batch/maxLength",
																															keyword: "maxLength",
																															params: { limit: 130 },
																															message: "must NOT have more than 130 characters"
																														}];
																														return false;
																													}
																												} else {
																													validate20.errors = [{
																														instancePath: instancePath + "/reserves/" + i18 + "/batch",
																														schemaPath: "#/properties/reserves/items/properties/batch/type",
																														keyword: "type",
																														params: { type: "string" },
																														message: "must be string"
																													}];
																													return false;
																												}
																												var valid46 = true;
																											} else var valid46 = true;
																											if (valid46) {
																												if (data165.grams !== void 0) {
																													let data169 = data165.grams;
																													if (typeof data169 == "number" && isFinite(data169)) {
																														if (data169 > 1e5 || isNaN(data169)) {
																															validate20.errors = [{
																																instancePath: instancePath + "/reserves/" + i18 + "/grams",
																																schemaPath: "#/properties/reserves/items/properties/grams/maximum",
																																keyword: "maximum",
																																params: {
																																	comparison: "<=",
																																	limit: 1e5
																																},
																																message: "must be <= 100000"
																															}];
																															return false;
																														} else if (data169 < 0 || isNaN(data169)) {
																															validate20.errors = [{
																																instancePath: instancePath + "/reserves/" + i18 + "/grams",
																																schemaPath: "#/properties/reserves/items/properties/grams/minimum",
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
																															instancePath: instancePath + "/reserves/" + i18 + "/grams",
																															schemaPath: "#/properties/reserves/items/properties/grams/type",
																															keyword: "type",
																															params: { type: "number" },
																															message: "must be number"
																														}];
																														return false;
																													}
																													var valid46 = true;
																												} else var valid46 = true;
																												if (valid46) {
																													if (data165.recolour !== void 0) {
																														if (typeof data165.recolour !== "boolean") {
																															validate20.errors = [{
																																instancePath: instancePath + "/reserves/" + i18 + "/recolour",
																																schemaPath: "#/properties/reserves/items/properties/recolour/type",
																																keyword: "type",
																																params: { type: "boolean" },
																																message: "must be boolean"
																															}];
																															return false;
																														}
																														var valid46 = true;
																													} else var valid46 = true;
																													if (valid46) {
																														if (data165.allergens !== void 0) {
																															let data171 = data165.allergens;
																															if (Array.isArray(data171)) {
																																if (data171.length > 20) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/reserves/" + i18 + "/allergens",
																																		schemaPath: "#/properties/reserves/items/properties/allergens/maxItems",
																																		keyword: "maxItems",
																																		params: { limit: 20 },
																																		message: "must NOT have more than 20 items"
																																	}];
																																	return false;
																																} else if (data171.length < 0) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/reserves/" + i18 + "/allergens",
																																		schemaPath: "#/properties/reserves/items/properties/allergens/minItems",
																																		keyword: "minItems",
																																		params: { limit: 0 },
																																		message: "must NOT have fewer than 0 items"
																																	}];
																																	return false;
																																} else {
																																	const len19 = data171.length;
																																	for (let i19 = 0; i19 < len19; i19++) {
																																		let data172 = data171[i19];
																																		if (typeof data172 === "string") {
																																			if (func2(data172) > 60) {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/reserves/" + i18 + "/allergens/" + i19,
																																					schemaPath: "#/properties/reserves/items/properties/allergens/items/maxLength",
																																					keyword: "maxLength",
																																					params: { limit: 60 },
																																					message: "must NOT have more than 60 characters"
																																				}];
																																				return false;
																																			}
																																		} else {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/reserves/" + i18 + "/allergens/" + i19,
																																				schemaPath: "#/properties/reserves/items/properties/allergens/items/type",
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
																																	instancePath: instancePath + "/reserves/" + i18 + "/allergens",
																																	schemaPath: "#/properties/reserves/items/properties/allergens/type",
																																	keyword: "type",
																																	params: { type: "array" },
																																	message: "must be array"
																																}];
																																return false;
																															}
																															var valid46 = true;
																														} else var valid46 = true;
																														if (valid46) {
																															if (data165.keepBy !== void 0) {
																																let data173 = data165.keepBy;
																																if (typeof data173 === "string") {
																																	if (!pattern25.test(data173)) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/reserves/" + i18 + "/keepBy",
																																			schemaPath: "#/properties/reserves/items/properties/keepBy/pattern",
																																			keyword: "pattern",
																																			params: { pattern: "^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$" },
																																			message: "must match pattern \"^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$\""
																																		}];
																																		return false;
																																	}
																																} else {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/reserves/" + i18 + "/keepBy",
																																		schemaPath: "#/properties/reserves/items/properties/keepBy/type",
																																		keyword: "type",
																																		params: { type: "string" },
																																		message: "must be string"
																																	}];
																																	return false;
																																}
																																var valid46 = true;
																															} else var valid46 = true;
																														}
																													}
																												}
																											}
																										}
																									}
																								}
																							} else {
																								validate20.errors = [{
																									instancePath: instancePath + "/reserves/" + i18,
																									schemaPath: "#/properties/reserves/items/type",
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
																						instancePath: instancePath + "/reserves",
																						schemaPath: "#/properties/reserves/type",
																						keyword: "type",
																						params: { type: "array" },
																						message: "must be array"
																					}];
																					return false;
																				}
																				var valid0 = true;
																			} else var valid0 = true;
																			if (valid0) {
																				if (data.bench !== void 0) {
																					let data174 = data.bench;
																					if (data174 && typeof data174 == "object" && !Array.isArray(data174)) {
																						let missing26;
																						if (data174.done === void 0 && (missing26 = "done")) {
																							validate20.errors = [{
																								instancePath: instancePath + "/bench",
																								schemaPath: "#/properties/bench/required",
																								keyword: "required",
																								params: { missingProperty: missing26 },
																								message: "must have required property '" + missing26 + "'"
																							}];
																							return false;
																						} else {
																							for (const key29 in data174) if (!(key29 === "done")) {
																								validate20.errors = [{
																									instancePath: instancePath + "/bench",
																									schemaPath: "#/properties/bench/additionalProperties",
																									keyword: "additionalProperties",
																									params: { additionalProperty: key29 },
																									message: "must NOT have additional properties"
																								}];
																								return false;
																							}
																							if (data174.done !== void 0) {
																								let data175 = data174.done;
																								if (Array.isArray(data175)) {
																									if (data175.length > 4e3) {
																										validate20.errors = [{
																											instancePath: instancePath + "/bench/done",
																											schemaPath: "#/properties/bench/properties/done/maxItems",
																											keyword: "maxItems",
																											params: { limit: 4e3 },
																											message: "must NOT have more than 4000 items"
																										}];
																										return false;
																									} else if (data175.length < 0) {
																										validate20.errors = [{
																											instancePath: instancePath + "/bench/done",
																											schemaPath: "#/properties/bench/properties/done/minItems",
																											keyword: "minItems",
																											params: { limit: 0 },
																											message: "must NOT have fewer than 0 items"
																										}];
																										return false;
																									} else {
																										const len20 = data175.length;
																										for (let i20 = 0; i20 < len20; i20++) {
																											let data176 = data175[i20];
																											if (data176 && typeof data176 == "object" && !Array.isArray(data176)) {
																												let missing27;
																												if (data176.step === void 0 && (missing27 = "step") || data176.at === void 0 && (missing27 = "at")) {
																													validate20.errors = [{
																														instancePath: instancePath + "/bench/done/" + i20,
																														schemaPath: "#/properties/bench/properties/done/items/required",
																														keyword: "required",
																														params: { missingProperty: missing27 },
																														message: "must have required property '" + missing27 + "'"
																													}];
																													return false;
																												} else {
																													for (const key30 in data176) if (!(key30 === "step" || key30 === "at")) {
																														validate20.errors = [{
																															instancePath: instancePath + "/bench/done/" + i20,
																															schemaPath: "#/properties/bench/properties/done/items/additionalProperties",
																															keyword: "additionalProperties",
																															params: { additionalProperty: key30 },
																															message: "must NOT have additional properties"
																														}];
																														return false;
																													}
																													if (data176.step !== void 0) {
																														let data177 = data176.step;
																														if (typeof data177 === "string") {
																															if (func2(data177) > 200) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/bench/done/" + i20 + "/step",
																																	schemaPath: "#/properties/bench/properties/done/items/properties/step/maxLength",
																																	keyword: "maxLength",
																																	params: { limit: 200 },
																																	message: "must NOT have more than 200 characters"
																																}];
																																return false;
																															}
																														} else {
																															validate20.errors = [{
																																instancePath: instancePath + "/bench/done/" + i20 + "/step",
																																schemaPath: "#/properties/bench/properties/done/items/properties/step/type",
																																keyword: "type",
																																params: { type: "string" },
																																message: "must be string"
																															}];
																															return false;
																														}
																														var valid50 = true;
																													} else var valid50 = true;
																													if (valid50) {
																														if (data176.at !== void 0) {
																															let data178 = data176.at;
																															if (typeof data178 === "string") {
																																if (func2(data178) > 40) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/bench/done/" + i20 + "/at",
																																		schemaPath: "#/properties/bench/properties/done/items/properties/at/maxLength",
																																		keyword: "maxLength",
																																		params: { limit: 40 },
																																		message: "must NOT have more than 40 characters"
																																	}];
																																	return false;
																																}
																															} else {
																																validate20.errors = [{
																																	instancePath: instancePath + "/bench/done/" + i20 + "/at",
																																	schemaPath: "#/properties/bench/properties/done/items/properties/at/type",
																																	keyword: "type",
																																	params: { type: "string" },
																																	message: "must be string"
																																}];
																																return false;
																															}
																															var valid50 = true;
																														} else var valid50 = true;
																													}
																												}
																											} else {
																												validate20.errors = [{
																													instancePath: instancePath + "/bench/done/" + i20,
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
