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
		"workshop",
		"cake",
		"reserves",
		"measured",
		"log",
		"steps",
		"bench"
	],
	"properties": {
		"format": { "const": "elm-spindle-build" },
		"version": { "const": 7 },
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
				"loads": {
					"type": "object",
					"additionalProperties": false,
					"required": [],
					"properties": {
						"table": {
							"type": "object",
							"additionalProperties": false,
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
						"carry": {
							"type": "object",
							"additionalProperties": false,
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
						"carFlat": {
							"type": "object",
							"additionalProperties": false,
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
						"carSeat": {
							"type": "object",
							"additionalProperties": false,
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
						"carHard": {
							"type": "object",
							"additionalProperties": false,
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
						}
					}
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
				},
				"night": {
					"type": "object",
					"additionalProperties": false,
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
							},
							"disc": {
								"type": "object",
								"additionalProperties": false,
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
					},
					"built": {
						"type": "string",
						"enum": [
							"there",
							"dummy",
							"foam"
						]
					},
					"propped": {
						"type": "boolean",
						"enum": [true]
					},
					"rests": {
						"type": "array",
						"items": {
							"type": "object",
							"additionalProperties": false,
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
						},
						"maxItems": 6,
						"minItems": 1
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
					"bends": {
						"type": "array",
						"items": {
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
						"maxItems": 12,
						"minItems": 1
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
					},
					"ifNeeded": { "type": "boolean" }
				}
			},
			"maxItems": 60,
			"minItems": 0
		},
		"dates": {
			"type": "array",
			"items": {
				"type": "object",
				"additionalProperties": false,
				"required": ["date"],
				"properties": {
					"date": {
						"type": "string",
						"pattern": "^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$"
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
			"maxItems": 200,
			"minItems": 1
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
		"workshop": {
			"type": "object",
			"additionalProperties": false,
			"required": [
				"helpers",
				"tools",
				"space"
			],
			"properties": {
				"helpers": {
					"type": "array",
					"items": {
						"type": "object",
						"additionalProperties": false,
						"required": [
							"id",
							"name",
							"hours",
							"pace"
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
										},
										"ifNeeded": { "type": "boolean" }
									}
								},
								"maxItems": 60,
								"minItems": 0
							},
							"pace": {
								"type": "number",
								"minimum": .3,
								"maximum": 4
							},
							"does": {
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
								},
								"maxItems": 11,
								"minItems": 0
							}
						}
					},
					"maxItems": 8,
					"minItems": 0
				},
				"tools": {
					"type": "object",
					"additionalProperties": false,
					"required": [],
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
					"type": "object",
					"additionalProperties": false,
					"required": [],
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
				"paces": {
					"type": "object",
					"additionalProperties": false,
					"required": [],
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
							"board": {
								"type": "object",
								"additionalProperties": false,
								"required": ["kind", "width"],
								"properties": {
									"kind": {
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
									"width": {
										"type": "number",
										"minimum": 30,
										"maximum": 900
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
							},
							"width": {
								"type": "number",
								"minimum": 20,
								"maximum": 900
							},
							"weight": {
								"type": "number",
								"minimum": 1,
								"maximum": 5e4
							},
							"made": {
								"type": "string",
								"enum": ["mdf", "plywood"]
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
		"measured": {
			"type": "array",
			"items": {
				"type": "object",
				"additionalProperties": false,
				"required": [
					"id",
					"test",
					"of",
					"on",
					"readings"
				],
				"properties": {
					"id": {
						"type": "string",
						"pattern": "^[a-z0-9][a-z0-9-]{0,59}$"
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
						"type": "string",
						"minLength": 1,
						"maxLength": 60
					},
					"on": {
						"type": "string",
						"pattern": "^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$"
					},
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
			"maxItems": 100,
			"minItems": 0
		},
		"log": {
			"type": "array",
			"items": {
				"type": "object",
				"additionalProperties": false,
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
						"type": "string",
						"minLength": 1,
						"maxLength": 80
					},
					"at": {
						"type": "string",
						"maxLength": 40
					},
					"build": {
						"type": "string",
						"maxLength": 120
					},
					"piece": {
						"type": "string",
						"maxLength": 120
					},
					"buildId": {
						"type": "string",
						"minLength": 1,
						"maxLength": 80
					},
					"pieceId": {
						"type": "string",
						"pattern": "^[a-z0-9][a-z0-9-]{0,59}$"
					},
					"question": {
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
						"type": "string",
						"maxLength": 1e3
					},
					"picture": {
						"type": "string",
						"maxLength": 80
					},
					"paste": {
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
							}
						}
					},
					"body": {
						"type": "object",
						"additionalProperties": false,
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
					"spells": {
						"type": "array",
						"items": {
							"type": "object",
							"additionalProperties": false,
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
						"maxItems": 20,
						"minItems": 1
					},
					"duty": {
						"type": "object",
						"additionalProperties": {
							"type": "number",
							"minimum": -1e6,
							"maximum": 1e9
						},
						"maxProperties": 12
					}
				}
			},
			"maxItems": 2e3,
			"minItems": 0
		},
		"steps": {
			"type": "object",
			"additionalProperties": false,
			"required": [
				"own",
				"minutes",
				"left"
			],
			"properties": {
				"own": {
					"type": "array",
					"items": {
						"type": "object",
						"additionalProperties": false,
						"required": [
							"id",
							"title",
							"minutes"
						],
						"properties": {
							"id": {
								"type": "string",
								"pattern": "^own:[a-z0-9-]{1,60}$"
							},
							"title": {
								"type": "string",
								"minLength": 1,
								"maxLength": 120
							},
							"minutes": {
								"type": "number",
								"minimum": 1,
								"maximum": 600
							},
							"after": {
								"type": "string",
								"minLength": 1,
								"maxLength": 200
							},
							"wait": {
								"type": "number",
								"minimum": 0,
								"maximum": 2e4
							},
							"before": {
								"type": "string",
								"minLength": 1,
								"maxLength": 200
							},
							"piece": {
								"type": "string",
								"pattern": "^[a-z0-9][a-z0-9-]{0,59}$"
							},
							"tool": {
								"type": "string",
								"enum": [
									"oven",
									"turntable",
									"airbrush"
								]
							}
						}
					},
					"maxItems": 200,
					"minItems": 0
				},
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
					"type": "array",
					"items": {
						"type": "string",
						"minLength": 1,
						"maxLength": 200
					},
					"maxItems": 1e3,
					"minItems": 0
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
					"type": "array",
					"items": {
						"type": "array",
						"items": {
							"type": "string",
							"minLength": 1,
							"maxLength": 200
						},
						"maxItems": 12,
						"minItems": 2
					},
					"maxItems": 100,
					"minItems": 0
				},
				"agreed": {
					"type": "object",
					"additionalProperties": {
						"type": "string",
						"pattern": "^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}$"
					},
					"maxProperties": 1e3
				},
				"pins": {
					"type": "object",
					"additionalProperties": {
						"type": "string",
						"pattern": "^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}$"
					},
					"maxProperties": 300
				}
			}
		},
		"bench": {
			"type": "object",
			"additionalProperties": false,
			"required": ["done"],
			"properties": {
				"from": {
					"type": "string",
					"maxLength": 40
				},
				"done": {
					"type": "array",
					"items": {
						"type": "object",
						"additionalProperties": false,
						"required": ["step", "at"],
						"properties": {
							"step": {
								"type": "string",
								"minLength": 1,
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
				},
				"said": {
					"type": "array",
					"items": {
						"type": "object",
						"additionalProperties": false,
						"required": [
							"piece",
							"question",
							"firm",
							"at"
						],
						"properties": {
							"piece": {
								"type": "string",
								"pattern": "^[a-z0-9][a-z0-9-]{0,59}$"
							},
							"question": {
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
							"firm": { "type": "boolean" },
							"at": {
								"type": "string",
								"maxLength": 40
							}
						}
					},
					"maxItems": 2e3,
					"minItems": 1
				},
				"until": {
					"type": "string",
					"maxLength": 40
				}
			}
		}
	}
};
const func1 = Object.prototype.hasOwnProperty;
const func2 = require_ucs2length().default;
const pattern4 = /* @__PURE__ */ new RegExp("^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}$", "u");
const pattern5 = /* @__PURE__ */ new RegExp("^[a-z0-9][a-z0-9-]{0,59}$", "u");
const pattern8 = /* @__PURE__ */ new RegExp("^#[0-9a-fA-F]{6}$", "u");
const pattern10 = /* @__PURE__ */ new RegExp("^(edge|front|side|profile|hole[1-9])$", "u");
const pattern19 = /* @__PURE__ */ new RegExp("^([01]\\d|2[0-3]):[0-5]\\d$", "u");
const pattern21 = /* @__PURE__ */ new RegExp("^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$", "u");
const pattern36 = /* @__PURE__ */ new RegExp("^own:[a-z0-9-]{1,60}$", "u");
function validate20(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
	let vErrors = null;
	const evaluated0 = validate20.evaluated;
	if (evaluated0.dynamicProps) evaluated0.props = void 0;
	if (evaluated0.dynamicItems) evaluated0.items = void 0;
	if (data && typeof data == "object" && !Array.isArray(data)) {
		let missing0;
		if (data.format === void 0 && (missing0 = "format") || data.version === void 0 && (missing0 = "version") || data.id === void 0 && (missing0 = "id") || data.name === void 0 && (missing0 = "name") || data.brief === void 0 && (missing0 = "brief") || data.room === void 0 && (missing0 = "room") || data.board === void 0 && (missing0 = "board") || data.blends === void 0 && (missing0 = "blends") || data.colours === void 0 && (missing0 = "colours") || data.pieces === void 0 && (missing0 = "pieces") || data.rods === void 0 && (missing0 = "rods") || data.hours === void 0 && (missing0 = "hours") || data.practice === void 0 && (missing0 = "practice") || data.workshop === void 0 && (missing0 = "workshop") || data.cake === void 0 && (missing0 = "cake") || data.reserves === void 0 && (missing0 = "reserves") || data.measured === void 0 && (missing0 = "measured") || data.log === void 0 && (missing0 = "log") || data.steps === void 0 && (missing0 = "steps") || data.bench === void 0 && (missing0 = "bench")) {
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
					if (7 !== data.version) {
						validate20.errors = [{
							instancePath: instancePath + "/version",
							schemaPath: "#/properties/version/const",
							keyword: "const",
							params: { allowedValue: 7 },
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
										for (const key1 in data4) if (!(key1 === "due" || key1 === "zone" || key1 === "journey" || key1 === "grip" || key1 === "loads" || key1 === "note")) {
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
														if (data4.loads !== void 0) {
															let data9 = data4.loads;
															if (data9 && typeof data9 == "object" && !Array.isArray(data9)) {
																for (const key2 in data9) if (!(key2 === "table" || key2 === "carry" || key2 === "carFlat" || key2 === "carSeat" || key2 === "carHard")) {
																	validate20.errors = [{
																		instancePath: instancePath + "/brief/loads",
																		schemaPath: "#/properties/brief/properties/loads/additionalProperties",
																		keyword: "additionalProperties",
																		params: { additionalProperty: key2 },
																		message: "must NOT have additional properties"
																	}];
																	return false;
																}
																if (data9.table !== void 0) {
																	let data10 = data9.table;
																	if (data10 && typeof data10 == "object" && !Array.isArray(data10)) {
																		let missing2;
																		if (data10.sideways === void 0 && (missing2 = "sideways") || data10.tilt === void 0 && (missing2 = "tilt") || data10.down === void 0 && (missing2 = "down") || data10.up === void 0 && (missing2 = "up")) {
																			validate20.errors = [{
																				instancePath: instancePath + "/brief/loads/table",
																				schemaPath: "#/properties/brief/properties/loads/properties/table/required",
																				keyword: "required",
																				params: { missingProperty: missing2 },
																				message: "must have required property '" + missing2 + "'"
																			}];
																			return false;
																		} else {
																			for (const key3 in data10) if (!(key3 === "sideways" || key3 === "tilt" || key3 === "down" || key3 === "up")) {
																				validate20.errors = [{
																					instancePath: instancePath + "/brief/loads/table",
																					schemaPath: "#/properties/brief/properties/loads/properties/table/additionalProperties",
																					keyword: "additionalProperties",
																					params: { additionalProperty: key3 },
																					message: "must NOT have additional properties"
																				}];
																				return false;
																			}
																			if (data10.sideways !== void 0) {
																				let data11 = data10.sideways;
																				if (typeof data11 == "number" && isFinite(data11)) {
																					if (data11 > 1.5 || isNaN(data11)) {
																						validate20.errors = [{
																							instancePath: instancePath + "/brief/loads/table/sideways",
																							schemaPath: "#/properties/brief/properties/loads/properties/table/properties/sideways/maximum",
																							keyword: "maximum",
																							params: {
																								comparison: "<=",
																								limit: 1.5
																							},
																							message: "must be <= 1.5"
																						}];
																						return false;
																					} else if (data11 < 0 || isNaN(data11)) {
																						validate20.errors = [{
																							instancePath: instancePath + "/brief/loads/table/sideways",
																							schemaPath: "#/properties/brief/properties/loads/properties/table/properties/sideways/minimum",
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
																						instancePath: instancePath + "/brief/loads/table/sideways",
																						schemaPath: "#/properties/brief/properties/loads/properties/table/properties/sideways/type",
																						keyword: "type",
																						params: { type: "number" },
																						message: "must be number"
																					}];
																					return false;
																				}
																				var valid3 = true;
																			} else var valid3 = true;
																			if (valid3) {
																				if (data10.tilt !== void 0) {
																					let data12 = data10.tilt;
																					if (typeof data12 == "number" && isFinite(data12)) {
																						if (data12 > 30 || isNaN(data12)) {
																							validate20.errors = [{
																								instancePath: instancePath + "/brief/loads/table/tilt",
																								schemaPath: "#/properties/brief/properties/loads/properties/table/properties/tilt/maximum",
																								keyword: "maximum",
																								params: {
																									comparison: "<=",
																									limit: 30
																								},
																								message: "must be <= 30"
																							}];
																							return false;
																						} else if (data12 < 0 || isNaN(data12)) {
																							validate20.errors = [{
																								instancePath: instancePath + "/brief/loads/table/tilt",
																								schemaPath: "#/properties/brief/properties/loads/properties/table/properties/tilt/minimum",
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
																							instancePath: instancePath + "/brief/loads/table/tilt",
																							schemaPath: "#/properties/brief/properties/loads/properties/table/properties/tilt/type",
																							keyword: "type",
																							params: { type: "number" },
																							message: "must be number"
																						}];
																						return false;
																					}
																					var valid3 = true;
																				} else var valid3 = true;
																				if (valid3) {
																					if (data10.down !== void 0) {
																						let data13 = data10.down;
																						if (typeof data13 == "number" && isFinite(data13)) {
																							if (data13 > 3 || isNaN(data13)) {
																								validate20.errors = [{
																									instancePath: instancePath + "/brief/loads/table/down",
																									schemaPath: "#/properties/brief/properties/loads/properties/table/properties/down/maximum",
																									keyword: "maximum",
																									params: {
																										comparison: "<=",
																										limit: 3
																									},
																									message: "must be <= 3"
																								}];
																								return false;
																							} else if (data13 < 1 || isNaN(data13)) {
																								validate20.errors = [{
																									instancePath: instancePath + "/brief/loads/table/down",
																									schemaPath: "#/properties/brief/properties/loads/properties/table/properties/down/minimum",
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
																								instancePath: instancePath + "/brief/loads/table/down",
																								schemaPath: "#/properties/brief/properties/loads/properties/table/properties/down/type",
																								keyword: "type",
																								params: { type: "number" },
																								message: "must be number"
																							}];
																							return false;
																						}
																						var valid3 = true;
																					} else var valid3 = true;
																					if (valid3) {
																						if (data10.up !== void 0) {
																							let data14 = data10.up;
																							if (typeof data14 == "number" && isFinite(data14)) {
																								if (data14 > 1 || isNaN(data14)) {
																									validate20.errors = [{
																										instancePath: instancePath + "/brief/loads/table/up",
																										schemaPath: "#/properties/brief/properties/loads/properties/table/properties/up/maximum",
																										keyword: "maximum",
																										params: {
																											comparison: "<=",
																											limit: 1
																										},
																										message: "must be <= 1"
																									}];
																									return false;
																								} else if (data14 < .2 || isNaN(data14)) {
																									validate20.errors = [{
																										instancePath: instancePath + "/brief/loads/table/up",
																										schemaPath: "#/properties/brief/properties/loads/properties/table/properties/up/minimum",
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
																									instancePath: instancePath + "/brief/loads/table/up",
																									schemaPath: "#/properties/brief/properties/loads/properties/table/properties/up/type",
																									keyword: "type",
																									params: { type: "number" },
																									message: "must be number"
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
																			instancePath: instancePath + "/brief/loads/table",
																			schemaPath: "#/properties/brief/properties/loads/properties/table/type",
																			keyword: "type",
																			params: { type: "object" },
																			message: "must be object"
																		}];
																		return false;
																	}
																	var valid2 = true;
																} else var valid2 = true;
																if (valid2) {
																	if (data9.carry !== void 0) {
																		let data15 = data9.carry;
																		if (data15 && typeof data15 == "object" && !Array.isArray(data15)) {
																			let missing3;
																			if (data15.sideways === void 0 && (missing3 = "sideways") || data15.tilt === void 0 && (missing3 = "tilt") || data15.down === void 0 && (missing3 = "down") || data15.up === void 0 && (missing3 = "up")) {
																				validate20.errors = [{
																					instancePath: instancePath + "/brief/loads/carry",
																					schemaPath: "#/properties/brief/properties/loads/properties/carry/required",
																					keyword: "required",
																					params: { missingProperty: missing3 },
																					message: "must have required property '" + missing3 + "'"
																				}];
																				return false;
																			} else {
																				for (const key4 in data15) if (!(key4 === "sideways" || key4 === "tilt" || key4 === "down" || key4 === "up")) {
																					validate20.errors = [{
																						instancePath: instancePath + "/brief/loads/carry",
																						schemaPath: "#/properties/brief/properties/loads/properties/carry/additionalProperties",
																						keyword: "additionalProperties",
																						params: { additionalProperty: key4 },
																						message: "must NOT have additional properties"
																					}];
																					return false;
																				}
																				if (data15.sideways !== void 0) {
																					let data16 = data15.sideways;
																					if (typeof data16 == "number" && isFinite(data16)) {
																						if (data16 > 1.5 || isNaN(data16)) {
																							validate20.errors = [{
																								instancePath: instancePath + "/brief/loads/carry/sideways",
																								schemaPath: "#/properties/brief/properties/loads/properties/carry/properties/sideways/maximum",
																								keyword: "maximum",
																								params: {
																									comparison: "<=",
																									limit: 1.5
																								},
																								message: "must be <= 1.5"
																							}];
																							return false;
																						} else if (data16 < 0 || isNaN(data16)) {
																							validate20.errors = [{
																								instancePath: instancePath + "/brief/loads/carry/sideways",
																								schemaPath: "#/properties/brief/properties/loads/properties/carry/properties/sideways/minimum",
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
																							instancePath: instancePath + "/brief/loads/carry/sideways",
																							schemaPath: "#/properties/brief/properties/loads/properties/carry/properties/sideways/type",
																							keyword: "type",
																							params: { type: "number" },
																							message: "must be number"
																						}];
																						return false;
																					}
																					var valid4 = true;
																				} else var valid4 = true;
																				if (valid4) {
																					if (data15.tilt !== void 0) {
																						let data17 = data15.tilt;
																						if (typeof data17 == "number" && isFinite(data17)) {
																							if (data17 > 30 || isNaN(data17)) {
																								validate20.errors = [{
																									instancePath: instancePath + "/brief/loads/carry/tilt",
																									schemaPath: "#/properties/brief/properties/loads/properties/carry/properties/tilt/maximum",
																									keyword: "maximum",
																									params: {
																										comparison: "<=",
																										limit: 30
																									},
																									message: "must be <= 30"
																								}];
																								return false;
																							} else if (data17 < 0 || isNaN(data17)) {
																								validate20.errors = [{
																									instancePath: instancePath + "/brief/loads/carry/tilt",
																									schemaPath: "#/properties/brief/properties/loads/properties/carry/properties/tilt/minimum",
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
																								instancePath: instancePath + "/brief/loads/carry/tilt",
																								schemaPath: "#/properties/brief/properties/loads/properties/carry/properties/tilt/type",
																								keyword: "type",
																								params: { type: "number" },
																								message: "must be number"
																							}];
																							return false;
																						}
																						var valid4 = true;
																					} else var valid4 = true;
																					if (valid4) {
																						if (data15.down !== void 0) {
																							let data18 = data15.down;
																							if (typeof data18 == "number" && isFinite(data18)) {
																								if (data18 > 3 || isNaN(data18)) {
																									validate20.errors = [{
																										instancePath: instancePath + "/brief/loads/carry/down",
																										schemaPath: "#/properties/brief/properties/loads/properties/carry/properties/down/maximum",
																										keyword: "maximum",
																										params: {
																											comparison: "<=",
																											limit: 3
																										},
																										message: "must be <= 3"
																									}];
																									return false;
																								} else if (data18 < 1 || isNaN(data18)) {
																									validate20.errors = [{
																										instancePath: instancePath + "/brief/loads/carry/down",
																										schemaPath: "#/properties/brief/properties/loads/properties/carry/properties/down/minimum",
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
																									instancePath: instancePath + "/brief/loads/carry/down",
																									schemaPath: "#/properties/brief/properties/loads/properties/carry/properties/down/type",
																									keyword: "type",
																									params: { type: "number" },
																									message: "must be number"
																								}];
																								return false;
																							}
																							var valid4 = true;
																						} else var valid4 = true;
																						if (valid4) {
																							if (data15.up !== void 0) {
																								let data19 = data15.up;
																								if (typeof data19 == "number" && isFinite(data19)) {
																									if (data19 > 1 || isNaN(data19)) {
																										validate20.errors = [{
																											instancePath: instancePath + "/brief/loads/carry/up",
																											schemaPath: "#/properties/brief/properties/loads/properties/carry/properties/up/maximum",
																											keyword: "maximum",
																											params: {
																												comparison: "<=",
																												limit: 1
																											},
																											message: "must be <= 1"
																										}];
																										return false;
																									} else if (data19 < .2 || isNaN(data19)) {
																										validate20.errors = [{
																											instancePath: instancePath + "/brief/loads/carry/up",
																											schemaPath: "#/properties/brief/properties/loads/properties/carry/properties/up/minimum",
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
																										instancePath: instancePath + "/brief/loads/carry/up",
																										schemaPath: "#/properties/brief/properties/loads/properties/carry/properties/up/type",
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
																				instancePath: instancePath + "/brief/loads/carry",
																				schemaPath: "#/properties/brief/properties/loads/properties/carry/type",
																				keyword: "type",
																				params: { type: "object" },
																				message: "must be object"
																			}];
																			return false;
																		}
																		var valid2 = true;
																	} else var valid2 = true;
																	if (valid2) {
																		if (data9.carFlat !== void 0) {
																			let data20 = data9.carFlat;
																			if (data20 && typeof data20 == "object" && !Array.isArray(data20)) {
																				let missing4;
																				if (data20.sideways === void 0 && (missing4 = "sideways") || data20.tilt === void 0 && (missing4 = "tilt") || data20.down === void 0 && (missing4 = "down") || data20.up === void 0 && (missing4 = "up")) {
																					validate20.errors = [{
																						instancePath: instancePath + "/brief/loads/carFlat",
																						schemaPath: "#/properties/brief/properties/loads/properties/carFlat/required",
																						keyword: "required",
																						params: { missingProperty: missing4 },
																						message: "must have required property '" + missing4 + "'"
																					}];
																					return false;
																				} else {
																					for (const key5 in data20) if (!(key5 === "sideways" || key5 === "tilt" || key5 === "down" || key5 === "up")) {
																						validate20.errors = [{
																							instancePath: instancePath + "/brief/loads/carFlat",
																							schemaPath: "#/properties/brief/properties/loads/properties/carFlat/additionalProperties",
																							keyword: "additionalProperties",
																							params: { additionalProperty: key5 },
																							message: "must NOT have additional properties"
																						}];
																						return false;
																					}
																					if (data20.sideways !== void 0) {
																						let data21 = data20.sideways;
																						if (typeof data21 == "number" && isFinite(data21)) {
																							if (data21 > 1.5 || isNaN(data21)) {
																								validate20.errors = [{
																									instancePath: instancePath + "/brief/loads/carFlat/sideways",
																									schemaPath: "#/properties/brief/properties/loads/properties/carFlat/properties/sideways/maximum",
																									keyword: "maximum",
																									params: {
																										comparison: "<=",
																										limit: 1.5
																									},
																									message: "must be <= 1.5"
																								}];
																								return false;
																							} else if (data21 < 0 || isNaN(data21)) {
																								validate20.errors = [{
																									instancePath: instancePath + "/brief/loads/carFlat/sideways",
																									schemaPath: "#/properties/brief/properties/loads/properties/carFlat/properties/sideways/minimum",
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
																								instancePath: instancePath + "/brief/loads/carFlat/sideways",
																								schemaPath: "#/properties/brief/properties/loads/properties/carFlat/properties/sideways/type",
																								keyword: "type",
																								params: { type: "number" },
																								message: "must be number"
																							}];
																							return false;
																						}
																						var valid5 = true;
																					} else var valid5 = true;
																					if (valid5) {
																						if (data20.tilt !== void 0) {
																							let data22 = data20.tilt;
																							if (typeof data22 == "number" && isFinite(data22)) {
																								if (data22 > 30 || isNaN(data22)) {
																									validate20.errors = [{
																										instancePath: instancePath + "/brief/loads/carFlat/tilt",
																										schemaPath: "#/properties/brief/properties/loads/properties/carFlat/properties/tilt/maximum",
																										keyword: "maximum",
																										params: {
																											comparison: "<=",
																											limit: 30
																										},
																										message: "must be <= 30"
																									}];
																									return false;
																								} else if (data22 < 0 || isNaN(data22)) {
																									validate20.errors = [{
																										instancePath: instancePath + "/brief/loads/carFlat/tilt",
																										schemaPath: "#/properties/brief/properties/loads/properties/carFlat/properties/tilt/minimum",
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
																									instancePath: instancePath + "/brief/loads/carFlat/tilt",
																									schemaPath: "#/properties/brief/properties/loads/properties/carFlat/properties/tilt/type",
																									keyword: "type",
																									params: { type: "number" },
																									message: "must be number"
																								}];
																								return false;
																							}
																							var valid5 = true;
																						} else var valid5 = true;
																						if (valid5) {
																							if (data20.down !== void 0) {
																								let data23 = data20.down;
																								if (typeof data23 == "number" && isFinite(data23)) {
																									if (data23 > 3 || isNaN(data23)) {
																										validate20.errors = [{
																											instancePath: instancePath + "/brief/loads/carFlat/down",
																											schemaPath: "#/properties/brief/properties/loads/properties/carFlat/properties/down/maximum",
																											keyword: "maximum",
																											params: {
																												comparison: "<=",
																												limit: 3
																											},
																											message: "must be <= 3"
																										}];
																										return false;
																									} else if (data23 < 1 || isNaN(data23)) {
																										validate20.errors = [{
																											instancePath: instancePath + "/brief/loads/carFlat/down",
																											schemaPath: "#/properties/brief/properties/loads/properties/carFlat/properties/down/minimum",
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
																										instancePath: instancePath + "/brief/loads/carFlat/down",
																										schemaPath: "#/properties/brief/properties/loads/properties/carFlat/properties/down/type",
																										keyword: "type",
																										params: { type: "number" },
																										message: "must be number"
																									}];
																									return false;
																								}
																								var valid5 = true;
																							} else var valid5 = true;
																							if (valid5) {
																								if (data20.up !== void 0) {
																									let data24 = data20.up;
																									if (typeof data24 == "number" && isFinite(data24)) {
																										if (data24 > 1 || isNaN(data24)) {
																											validate20.errors = [{
																												instancePath: instancePath + "/brief/loads/carFlat/up",
																												schemaPath: "#/properties/brief/properties/loads/properties/carFlat/properties/up/maximum",
																												keyword: "maximum",
																												params: {
																													comparison: "<=",
																													limit: 1
																												},
																												message: "must be <= 1"
																											}];
																											return false;
																										} else if (data24 < .2 || isNaN(data24)) {
																											validate20.errors = [{
																												instancePath: instancePath + "/brief/loads/carFlat/up",
																												schemaPath: "#/properties/brief/properties/loads/properties/carFlat/properties/up/minimum",
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
																											instancePath: instancePath + "/brief/loads/carFlat/up",
																											schemaPath: "#/properties/brief/properties/loads/properties/carFlat/properties/up/type",
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
																			} else {
																				validate20.errors = [{
																					instancePath: instancePath + "/brief/loads/carFlat",
																					schemaPath: "#/properties/brief/properties/loads/properties/carFlat/type",
																					keyword: "type",
																					params: { type: "object" },
																					message: "must be object"
																				}];
																				return false;
																			}
																			var valid2 = true;
																		} else var valid2 = true;
																		if (valid2) {
																			if (data9.carSeat !== void 0) {
																				let data25 = data9.carSeat;
																				if (data25 && typeof data25 == "object" && !Array.isArray(data25)) {
																					let missing5;
																					if (data25.sideways === void 0 && (missing5 = "sideways") || data25.tilt === void 0 && (missing5 = "tilt") || data25.down === void 0 && (missing5 = "down") || data25.up === void 0 && (missing5 = "up")) {
																						validate20.errors = [{
																							instancePath: instancePath + "/brief/loads/carSeat",
																							schemaPath: "#/properties/brief/properties/loads/properties/carSeat/required",
																							keyword: "required",
																							params: { missingProperty: missing5 },
																							message: "must have required property '" + missing5 + "'"
																						}];
																						return false;
																					} else {
																						for (const key6 in data25) if (!(key6 === "sideways" || key6 === "tilt" || key6 === "down" || key6 === "up")) {
																							validate20.errors = [{
																								instancePath: instancePath + "/brief/loads/carSeat",
																								schemaPath: "#/properties/brief/properties/loads/properties/carSeat/additionalProperties",
																								keyword: "additionalProperties",
																								params: { additionalProperty: key6 },
																								message: "must NOT have additional properties"
																							}];
																							return false;
																						}
																						if (data25.sideways !== void 0) {
																							let data26 = data25.sideways;
																							if (typeof data26 == "number" && isFinite(data26)) {
																								if (data26 > 1.5 || isNaN(data26)) {
																									validate20.errors = [{
																										instancePath: instancePath + "/brief/loads/carSeat/sideways",
																										schemaPath: "#/properties/brief/properties/loads/properties/carSeat/properties/sideways/maximum",
																										keyword: "maximum",
																										params: {
																											comparison: "<=",
																											limit: 1.5
																										},
																										message: "must be <= 1.5"
																									}];
																									return false;
																								} else if (data26 < 0 || isNaN(data26)) {
																									validate20.errors = [{
																										instancePath: instancePath + "/brief/loads/carSeat/sideways",
																										schemaPath: "#/properties/brief/properties/loads/properties/carSeat/properties/sideways/minimum",
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
																									instancePath: instancePath + "/brief/loads/carSeat/sideways",
																									schemaPath: "#/properties/brief/properties/loads/properties/carSeat/properties/sideways/type",
																									keyword: "type",
																									params: { type: "number" },
																									message: "must be number"
																								}];
																								return false;
																							}
																							var valid6 = true;
																						} else var valid6 = true;
																						if (valid6) {
																							if (data25.tilt !== void 0) {
																								let data27 = data25.tilt;
																								if (typeof data27 == "number" && isFinite(data27)) {
																									if (data27 > 30 || isNaN(data27)) {
																										validate20.errors = [{
																											instancePath: instancePath + "/brief/loads/carSeat/tilt",
																											schemaPath: "#/properties/brief/properties/loads/properties/carSeat/properties/tilt/maximum",
																											keyword: "maximum",
																											params: {
																												comparison: "<=",
																												limit: 30
																											},
																											message: "must be <= 30"
																										}];
																										return false;
																									} else if (data27 < 0 || isNaN(data27)) {
																										validate20.errors = [{
																											instancePath: instancePath + "/brief/loads/carSeat/tilt",
																											schemaPath: "#/properties/brief/properties/loads/properties/carSeat/properties/tilt/minimum",
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
																										instancePath: instancePath + "/brief/loads/carSeat/tilt",
																										schemaPath: "#/properties/brief/properties/loads/properties/carSeat/properties/tilt/type",
																										keyword: "type",
																										params: { type: "number" },
																										message: "must be number"
																									}];
																									return false;
																								}
																								var valid6 = true;
																							} else var valid6 = true;
																							if (valid6) {
																								if (data25.down !== void 0) {
																									let data28 = data25.down;
																									if (typeof data28 == "number" && isFinite(data28)) {
																										if (data28 > 3 || isNaN(data28)) {
																											validate20.errors = [{
																												instancePath: instancePath + "/brief/loads/carSeat/down",
																												schemaPath: "#/properties/brief/properties/loads/properties/carSeat/properties/down/maximum",
																												keyword: "maximum",
																												params: {
																													comparison: "<=",
																													limit: 3
																												},
																												message: "must be <= 3"
																											}];
																											return false;
																										} else if (data28 < 1 || isNaN(data28)) {
																											validate20.errors = [{
																												instancePath: instancePath + "/brief/loads/carSeat/down",
																												schemaPath: "#/properties/brief/properties/loads/properties/carSeat/properties/down/minimum",
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
																											instancePath: instancePath + "/brief/loads/carSeat/down",
																											schemaPath: "#/properties/brief/properties/loads/properties/carSeat/properties/down/type",
																											keyword: "type",
																											params: { type: "number" },
																											message: "must be number"
																										}];
																										return false;
																									}
																									var valid6 = true;
																								} else var valid6 = true;
																								if (valid6) {
																									if (data25.up !== void 0) {
																										let data29 = data25.up;
																										if (typeof data29 == "number" && isFinite(data29)) {
																											if (data29 > 1 || isNaN(data29)) {
																												validate20.errors = [{
																													instancePath: instancePath + "/brief/loads/carSeat/up",
																													schemaPath: "#/properties/brief/properties/loads/properties/carSeat/properties/up/maximum",
																													keyword: "maximum",
																													params: {
																														comparison: "<=",
																														limit: 1
																													},
																													message: "must be <= 1"
																												}];
																												return false;
																											} else if (data29 < .2 || isNaN(data29)) {
																												validate20.errors = [{
																													instancePath: instancePath + "/brief/loads/carSeat/up",
																													schemaPath: "#/properties/brief/properties/loads/properties/carSeat/properties/up/minimum",
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
																												instancePath: instancePath + "/brief/loads/carSeat/up",
																												schemaPath: "#/properties/brief/properties/loads/properties/carSeat/properties/up/type",
																												keyword: "type",
																												params: { type: "number" },
																												message: "must be number"
																											}];
																											return false;
																										}
																										var valid6 = true;
																									} else var valid6 = true;
																								}
																							}
																						}
																					}
																				} else {
																					validate20.errors = [{
																						instancePath: instancePath + "/brief/loads/carSeat",
																						schemaPath: "#/properties/brief/properties/loads/properties/carSeat/type",
																						keyword: "type",
																						params: { type: "object" },
																						message: "must be object"
																					}];
																					return false;
																				}
																				var valid2 = true;
																			} else var valid2 = true;
																			if (valid2) {
																				if (data9.carHard !== void 0) {
																					let data30 = data9.carHard;
																					if (data30 && typeof data30 == "object" && !Array.isArray(data30)) {
																						let missing6;
																						if (data30.sideways === void 0 && (missing6 = "sideways") || data30.tilt === void 0 && (missing6 = "tilt") || data30.down === void 0 && (missing6 = "down") || data30.up === void 0 && (missing6 = "up")) {
																							validate20.errors = [{
																								instancePath: instancePath + "/brief/loads/carHard",
																								schemaPath: "#/properties/brief/properties/loads/properties/carHard/required",
																								keyword: "required",
																								params: { missingProperty: missing6 },
																								message: "must have required property '" + missing6 + "'"
																							}];
																							return false;
																						} else {
																							for (const key7 in data30) if (!(key7 === "sideways" || key7 === "tilt" || key7 === "down" || key7 === "up")) {
																								validate20.errors = [{
																									instancePath: instancePath + "/brief/loads/carHard",
																									schemaPath: "#/properties/brief/properties/loads/properties/carHard/additionalProperties",
																									keyword: "additionalProperties",
																									params: { additionalProperty: key7 },
																									message: "must NOT have additional properties"
																								}];
																								return false;
																							}
																							if (data30.sideways !== void 0) {
																								let data31 = data30.sideways;
																								if (typeof data31 == "number" && isFinite(data31)) {
																									if (data31 > 1.5 || isNaN(data31)) {
																										validate20.errors = [{
																											instancePath: instancePath + "/brief/loads/carHard/sideways",
																											schemaPath: "#/properties/brief/properties/loads/properties/carHard/properties/sideways/maximum",
																											keyword: "maximum",
																											params: {
																												comparison: "<=",
																												limit: 1.5
																											},
																											message: "must be <= 1.5"
																										}];
																										return false;
																									} else if (data31 < 0 || isNaN(data31)) {
																										validate20.errors = [{
																											instancePath: instancePath + "/brief/loads/carHard/sideways",
																											schemaPath: "#/properties/brief/properties/loads/properties/carHard/properties/sideways/minimum",
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
																										instancePath: instancePath + "/brief/loads/carHard/sideways",
																										schemaPath: "#/properties/brief/properties/loads/properties/carHard/properties/sideways/type",
																										keyword: "type",
																										params: { type: "number" },
																										message: "must be number"
																									}];
																									return false;
																								}
																								var valid7 = true;
																							} else var valid7 = true;
																							if (valid7) {
																								if (data30.tilt !== void 0) {
																									let data32 = data30.tilt;
																									if (typeof data32 == "number" && isFinite(data32)) {
																										if (data32 > 30 || isNaN(data32)) {
																											validate20.errors = [{
																												instancePath: instancePath + "/brief/loads/carHard/tilt",
																												schemaPath: "#/properties/brief/properties/loads/properties/carHard/properties/tilt/maximum",
																												keyword: "maximum",
																												params: {
																													comparison: "<=",
																													limit: 30
																												},
																												message: "must be <= 30"
																											}];
																											return false;
																										} else if (data32 < 0 || isNaN(data32)) {
																											validate20.errors = [{
																												instancePath: instancePath + "/brief/loads/carHard/tilt",
																												schemaPath: "#/properties/brief/properties/loads/properties/carHard/properties/tilt/minimum",
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
																											instancePath: instancePath + "/brief/loads/carHard/tilt",
																											schemaPath: "#/properties/brief/properties/loads/properties/carHard/properties/tilt/type",
																											keyword: "type",
																											params: { type: "number" },
																											message: "must be number"
																										}];
																										return false;
																									}
																									var valid7 = true;
																								} else var valid7 = true;
																								if (valid7) {
																									if (data30.down !== void 0) {
																										let data33 = data30.down;
																										if (typeof data33 == "number" && isFinite(data33)) {
																											if (data33 > 3 || isNaN(data33)) {
																												validate20.errors = [{
																													instancePath: instancePath + "/brief/loads/carHard/down",
																													schemaPath: "#/properties/brief/properties/loads/properties/carHard/properties/down/maximum",
																													keyword: "maximum",
																													params: {
																														comparison: "<=",
																														limit: 3
																													},
																													message: "must be <= 3"
																												}];
																												return false;
																											} else if (data33 < 1 || isNaN(data33)) {
																												validate20.errors = [{
																													instancePath: instancePath + "/brief/loads/carHard/down",
																													schemaPath: "#/properties/brief/properties/loads/properties/carHard/properties/down/minimum",
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
																												instancePath: instancePath + "/brief/loads/carHard/down",
																												schemaPath: "#/properties/brief/properties/loads/properties/carHard/properties/down/type",
																												keyword: "type",
																												params: { type: "number" },
																												message: "must be number"
																											}];
																											return false;
																										}
																										var valid7 = true;
																									} else var valid7 = true;
																									if (valid7) {
																										if (data30.up !== void 0) {
																											let data34 = data30.up;
																											if (typeof data34 == "number" && isFinite(data34)) {
																												if (data34 > 1 || isNaN(data34)) {
																													validate20.errors = [{
																														instancePath: instancePath + "/brief/loads/carHard/up",
																														schemaPath: "#/properties/brief/properties/loads/properties/carHard/properties/up/maximum",
																														keyword: "maximum",
																														params: {
																															comparison: "<=",
																															limit: 1
																														},
																														message: "must be <= 1"
																													}];
																													return false;
																												} else if (data34 < .2 || isNaN(data34)) {
																													validate20.errors = [{
																														instancePath: instancePath + "/brief/loads/carHard/up",
																														schemaPath: "#/properties/brief/properties/loads/properties/carHard/properties/up/minimum",
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
																													instancePath: instancePath + "/brief/loads/carHard/up",
																													schemaPath: "#/properties/brief/properties/loads/properties/carHard/properties/up/type",
																													keyword: "type",
																													params: { type: "number" },
																													message: "must be number"
																												}];
																												return false;
																											}
																											var valid7 = true;
																										} else var valid7 = true;
																									}
																								}
																							}
																						}
																					} else {
																						validate20.errors = [{
																							instancePath: instancePath + "/brief/loads/carHard",
																							schemaPath: "#/properties/brief/properties/loads/properties/carHard/type",
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
															} else {
																validate20.errors = [{
																	instancePath: instancePath + "/brief/loads",
																	schemaPath: "#/properties/brief/properties/loads/type",
																	keyword: "type",
																	params: { type: "object" },
																	message: "must be object"
																}];
																return false;
															}
															var valid1 = true;
														} else var valid1 = true;
														if (valid1) {
															if (data4.note !== void 0) {
																let data35 = data4.note;
																if (typeof data35 === "string") {
																	if (func2(data35) > 4e3) {
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
									let data36 = data.room;
									if (data36 && typeof data36 == "object" && !Array.isArray(data36)) {
										let missing7;
										if (data36.temperature === void 0 && (missing7 = "temperature") || data36.humidity === void 0 && (missing7 = "humidity") || data36.air === void 0 && (missing7 = "air")) {
											validate20.errors = [{
												instancePath: instancePath + "/room",
												schemaPath: "#/properties/room/required",
												keyword: "required",
												params: { missingProperty: missing7 },
												message: "must have required property '" + missing7 + "'"
											}];
											return false;
										} else {
											for (const key8 in data36) if (!(key8 === "temperature" || key8 === "humidity" || key8 === "air" || key8 === "night")) {
												validate20.errors = [{
													instancePath: instancePath + "/room",
													schemaPath: "#/properties/room/additionalProperties",
													keyword: "additionalProperties",
													params: { additionalProperty: key8 },
													message: "must NOT have additional properties"
												}];
												return false;
											}
											if (data36.temperature !== void 0) {
												let data37 = data36.temperature;
												if (typeof data37 == "number" && isFinite(data37)) {
													if (data37 > 40 || isNaN(data37)) {
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
													} else if (data37 < 5 || isNaN(data37)) {
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
												var valid8 = true;
											} else var valid8 = true;
											if (valid8) {
												if (data36.humidity !== void 0) {
													let data38 = data36.humidity;
													if (typeof data38 == "number" && isFinite(data38)) {
														if (data38 > 95 || isNaN(data38)) {
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
														} else if (data38 < 5 || isNaN(data38)) {
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
													var valid8 = true;
												} else var valid8 = true;
												if (valid8) {
													if (data36.air !== void 0) {
														let data39 = data36.air;
														if (typeof data39 == "number" && isFinite(data39)) {
															if (data39 > 3 || isNaN(data39)) {
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
															} else if (data39 < .02 || isNaN(data39)) {
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
														var valid8 = true;
													} else var valid8 = true;
													if (valid8) {
														if (data36.night !== void 0) {
															let data40 = data36.night;
															if (data40 && typeof data40 == "object" && !Array.isArray(data40)) {
																let missing8;
																if (data40.temperature === void 0 && (missing8 = "temperature") || data40.humidity === void 0 && (missing8 = "humidity")) {
																	validate20.errors = [{
																		instancePath: instancePath + "/room/night",
																		schemaPath: "#/properties/room/properties/night/required",
																		keyword: "required",
																		params: { missingProperty: missing8 },
																		message: "must have required property '" + missing8 + "'"
																	}];
																	return false;
																} else {
																	for (const key9 in data40) if (!(key9 === "temperature" || key9 === "humidity")) {
																		validate20.errors = [{
																			instancePath: instancePath + "/room/night",
																			schemaPath: "#/properties/room/properties/night/additionalProperties",
																			keyword: "additionalProperties",
																			params: { additionalProperty: key9 },
																			message: "must NOT have additional properties"
																		}];
																		return false;
																	}
																	if (data40.temperature !== void 0) {
																		let data41 = data40.temperature;
																		if (typeof data41 == "number" && isFinite(data41)) {
																			if (data41 > 40 || isNaN(data41)) {
																				validate20.errors = [{
																					instancePath: instancePath + "/room/night/temperature",
																					schemaPath: "#/properties/room/properties/night/properties/temperature/maximum",
																					keyword: "maximum",
																					params: {
																						comparison: "<=",
																						limit: 40
																					},
																					message: "must be <= 40"
																				}];
																				return false;
																			} else if (data41 < 0 || isNaN(data41)) {
																				validate20.errors = [{
																					instancePath: instancePath + "/room/night/temperature",
																					schemaPath: "#/properties/room/properties/night/properties/temperature/minimum",
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
																				instancePath: instancePath + "/room/night/temperature",
																				schemaPath: "#/properties/room/properties/night/properties/temperature/type",
																				keyword: "type",
																				params: { type: "number" },
																				message: "must be number"
																			}];
																			return false;
																		}
																		var valid9 = true;
																	} else var valid9 = true;
																	if (valid9) {
																		if (data40.humidity !== void 0) {
																			let data42 = data40.humidity;
																			if (typeof data42 == "number" && isFinite(data42)) {
																				if (data42 > 95 || isNaN(data42)) {
																					validate20.errors = [{
																						instancePath: instancePath + "/room/night/humidity",
																						schemaPath: "#/properties/room/properties/night/properties/humidity/maximum",
																						keyword: "maximum",
																						params: {
																							comparison: "<=",
																							limit: 95
																						},
																						message: "must be <= 95"
																					}];
																					return false;
																				} else if (data42 < 5 || isNaN(data42)) {
																					validate20.errors = [{
																						instancePath: instancePath + "/room/night/humidity",
																						schemaPath: "#/properties/room/properties/night/properties/humidity/minimum",
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
																					instancePath: instancePath + "/room/night/humidity",
																					schemaPath: "#/properties/room/properties/night/properties/humidity/type",
																					keyword: "type",
																					params: { type: "number" },
																					message: "must be number"
																				}];
																				return false;
																			}
																			var valid9 = true;
																		} else var valid9 = true;
																	}
																}
															} else {
																validate20.errors = [{
																	instancePath: instancePath + "/room/night",
																	schemaPath: "#/properties/room/properties/night/type",
																	keyword: "type",
																	params: { type: "object" },
																	message: "must be object"
																}];
																return false;
															}
															var valid8 = true;
														} else var valid8 = true;
													}
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
										let data43 = data.board;
										if (data43 && typeof data43 == "object" && !Array.isArray(data43)) {
											let missing9;
											if (data43.shape === void 0 && (missing9 = "shape") || data43.width === void 0 && (missing9 = "width") || data43.thickness === void 0 && (missing9 = "thickness") || data43.material === void 0 && (missing9 = "material")) {
												validate20.errors = [{
													instancePath: instancePath + "/board",
													schemaPath: "#/properties/board/required",
													keyword: "required",
													params: { missingProperty: missing9 },
													message: "must have required property '" + missing9 + "'"
												}];
												return false;
											} else {
												for (const key10 in data43) if (!(key10 === "shape" || key10 === "width" || key10 === "thickness" || key10 === "material")) {
													validate20.errors = [{
														instancePath: instancePath + "/board",
														schemaPath: "#/properties/board/additionalProperties",
														keyword: "additionalProperties",
														params: { additionalProperty: key10 },
														message: "must NOT have additional properties"
													}];
													return false;
												}
												if (data43.shape !== void 0) {
													let data44 = data43.shape;
													if (typeof data44 !== "string") {
														validate20.errors = [{
															instancePath: instancePath + "/board/shape",
															schemaPath: "#/properties/board/properties/shape/type",
															keyword: "type",
															params: { type: "string" },
															message: "must be string"
														}];
														return false;
													}
													if (!(data44 === "round" || data44 === "square")) {
														validate20.errors = [{
															instancePath: instancePath + "/board/shape",
															schemaPath: "#/properties/board/properties/shape/enum",
															keyword: "enum",
															params: { allowedValues: schema31.properties.board.properties.shape.enum },
															message: "must be equal to one of the allowed values"
														}];
														return false;
													}
													var valid10 = true;
												} else var valid10 = true;
												if (valid10) {
													if (data43.width !== void 0) {
														let data45 = data43.width;
														if (typeof data45 == "number" && isFinite(data45)) {
															if (data45 > 1500 || isNaN(data45)) {
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
															} else if (data45 < 20 || isNaN(data45)) {
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
														var valid10 = true;
													} else var valid10 = true;
													if (valid10) {
														if (data43.thickness !== void 0) {
															let data46 = data43.thickness;
															if (typeof data46 == "number" && isFinite(data46)) {
																if (data46 > 60 || isNaN(data46)) {
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
																} else if (data46 < 1 || isNaN(data46)) {
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
															var valid10 = true;
														} else var valid10 = true;
														if (valid10) {
															if (data43.material !== void 0) {
																let data47 = data43.material;
																if (typeof data47 !== "string") {
																	validate20.errors = [{
																		instancePath: instancePath + "/board/material",
																		schemaPath: "#/properties/board/properties/material/type",
																		keyword: "type",
																		params: { type: "string" },
																		message: "must be string"
																	}];
																	return false;
																}
																if (!(data47 === "drum" || data47 === "mdf" || data47 === "plywood" || data47 === "foamcore")) {
																	validate20.errors = [{
																		instancePath: instancePath + "/board/material",
																		schemaPath: "#/properties/board/properties/material/enum",
																		keyword: "enum",
																		params: { allowedValues: schema31.properties.board.properties.material.enum },
																		message: "must be equal to one of the allowed values"
																	}];
																	return false;
																}
																var valid10 = true;
															} else var valid10 = true;
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
											let data48 = data.blends;
											if (Array.isArray(data48)) {
												if (data48.length > 60) {
													validate20.errors = [{
														instancePath: instancePath + "/blends",
														schemaPath: "#/properties/blends/maxItems",
														keyword: "maxItems",
														params: { limit: 60 },
														message: "must NOT have more than 60 items"
													}];
													return false;
												} else if (data48.length < 1) {
													validate20.errors = [{
														instancePath: instancePath + "/blends",
														schemaPath: "#/properties/blends/minItems",
														keyword: "minItems",
														params: { limit: 1 },
														message: "must NOT have fewer than 1 items"
													}];
													return false;
												} else {
													const len0 = data48.length;
													for (let i0 = 0; i0 < len0; i0++) {
														let data49 = data48[i0];
														if (data49 && typeof data49 == "object" && !Array.isArray(data49)) {
															let missing10;
															if (data49.id === void 0 && (missing10 = "id") || data49.name === void 0 && (missing10 = "name") || data49.base === void 0 && (missing10 = "base") || data49.gumPaste === void 0 && (missing10 = "gumPaste") || data49.powder === void 0 && (missing10 = "powder")) {
																validate20.errors = [{
																	instancePath: instancePath + "/blends/" + i0,
																	schemaPath: "#/properties/blends/items/required",
																	keyword: "required",
																	params: { missingProperty: missing10 },
																	message: "must have required property '" + missing10 + "'"
																}];
																return false;
															} else {
																for (const key11 in data49) if (!func1.call(schema31.properties.blends.items.properties, key11)) {
																	validate20.errors = [{
																		instancePath: instancePath + "/blends/" + i0,
																		schemaPath: "#/properties/blends/items/additionalProperties",
																		keyword: "additionalProperties",
																		params: { additionalProperty: key11 },
																		message: "must NOT have additional properties"
																	}];
																	return false;
																}
																if (data49.id !== void 0) {
																	let data50 = data49.id;
																	if (typeof data50 === "string") {
																		if (!pattern5.test(data50)) {
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
																	var valid12 = true;
																} else var valid12 = true;
																if (valid12) {
																	if (data49.name !== void 0) {
																		let data51 = data49.name;
																		if (typeof data51 === "string") {
																			if (func2(data51) > 120) {
																				validate20.errors = [{
																					instancePath: instancePath + "/blends/" + i0 + "/name",
																					schemaPath: "#/properties/blends/items/properties/name/maxLength",
																					keyword: "maxLength",
																					params: { limit: 120 },
																					message: "must NOT have more than 120 characters"
																				}];
																				return false;
																			} else if (func2(data51) < 1) {
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
																		var valid12 = true;
																	} else var valid12 = true;
																	if (valid12) {
																		if (data49.base !== void 0) {
																			let data52 = data49.base;
																			if (typeof data52 !== "string") {
																				validate20.errors = [{
																					instancePath: instancePath + "/blends/" + i0 + "/base",
																					schemaPath: "#/properties/blends/items/properties/base/type",
																					keyword: "type",
																					params: { type: "string" },
																					message: "must be string"
																				}];
																				return false;
																			}
																			if (!(data52 === "fondant" || data52 === "gumPaste" || data52 === "modellingPaste" || data52 === "marzipan" || data52 === "chocolateDark" || data52 === "chocolateMilk" || data52 === "chocolateWhite" || data52 === "chocolateCompound" || data52 === "royalIcing")) {
																				validate20.errors = [{
																					instancePath: instancePath + "/blends/" + i0 + "/base",
																					schemaPath: "#/properties/blends/items/properties/base/enum",
																					keyword: "enum",
																					params: { allowedValues: schema31.properties.blends.items.properties.base.enum },
																					message: "must be equal to one of the allowed values"
																				}];
																				return false;
																			}
																			var valid12 = true;
																		} else var valid12 = true;
																		if (valid12) {
																			if (data49.gumPaste !== void 0) {
																				let data53 = data49.gumPaste;
																				if (typeof data53 == "number" && isFinite(data53)) {
																					if (data53 > 100 || isNaN(data53)) {
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
																					} else if (data53 < 0 || isNaN(data53)) {
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
																				var valid12 = true;
																			} else var valid12 = true;
																			if (valid12) {
																				if (data49.powder !== void 0) {
																					let data54 = data49.powder;
																					if (typeof data54 == "number" && isFinite(data54)) {
																						if (data54 > 5 || isNaN(data54)) {
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
																						} else if (data54 < 0 || isNaN(data54)) {
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
																					var valid12 = true;
																				} else var valid12 = true;
																				if (valid12) {
																					if (data49.ratio !== void 0) {
																						let data55 = data49.ratio;
																						if (typeof data55 == "number" && isFinite(data55)) {
																							if (data55 > 8 || isNaN(data55)) {
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
																							} else if (data55 < 1 || isNaN(data55)) {
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
																						var valid12 = true;
																					} else var valid12 = true;
																					if (valid12) {
																						if (data49.density !== void 0) {
																							let data56 = data49.density;
																							if (typeof data56 == "number" && isFinite(data56)) {
																								if (data56 > 1.7 || isNaN(data56)) {
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
																								} else if (data56 < .1 || isNaN(data56)) {
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
																							var valid12 = true;
																						} else var valid12 = true;
																						if (valid12) {
																							if (data49.shrink !== void 0) {
																								let data57 = data49.shrink;
																								if (typeof data57 == "number" && isFinite(data57)) {
																									if (data57 > 10 || isNaN(data57)) {
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
																									} else if (data57 < 0 || isNaN(data57)) {
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
																								var valid12 = true;
																							} else var valid12 = true;
																							if (valid12) {
																								if (data49.job !== void 0) {
																									let data58 = data49.job;
																									if (typeof data58 !== "string") {
																										validate20.errors = [{
																											instancePath: instancePath + "/blends/" + i0 + "/job",
																											schemaPath: "#/properties/blends/items/properties/job/type",
																											keyword: "type",
																											params: { type: "string" },
																											message: "must be string"
																										}];
																										return false;
																									}
																									if (!(data58 === "pose" || data58 === "carry" || data58 === "carve" || data58 === "flex" || data58 === "fingers")) {
																										validate20.errors = [{
																											instancePath: instancePath + "/blends/" + i0 + "/job",
																											schemaPath: "#/properties/blends/items/properties/job/enum",
																											keyword: "enum",
																											params: { allowedValues: schema31.properties.blends.items.properties.job.enum },
																											message: "must be equal to one of the allowed values"
																										}];
																										return false;
																									}
																									var valid12 = true;
																								} else var valid12 = true;
																								if (valid12) {
																									if (data49.own !== void 0) {
																										let data59 = data49.own;
																										if (data59 && typeof data59 == "object" && !Array.isArray(data59)) {
																											let missing11;
																											if (data59.id === void 0 && (missing11 = "id") || data59.name === void 0 && (missing11 = "name") || data59.like === void 0 && (missing11 = "like") || data59.allergens === void 0 && (missing11 = "allergens") || data59.note === void 0 && (missing11 = "note")) {
																												validate20.errors = [{
																													instancePath: instancePath + "/blends/" + i0 + "/own",
																													schemaPath: "#/properties/blends/items/properties/own/required",
																													keyword: "required",
																													params: { missingProperty: missing11 },
																													message: "must have required property '" + missing11 + "'"
																												}];
																												return false;
																											} else {
																												for (const key12 in data59) if (!(key12 === "id" || key12 === "name" || key12 === "like" || key12 === "density" || key12 === "shrink" || key12 === "allergens" || key12 === "note")) {
																													validate20.errors = [{
																														instancePath: instancePath + "/blends/" + i0 + "/own",
																														schemaPath: "#/properties/blends/items/properties/own/additionalProperties",
																														keyword: "additionalProperties",
																														params: { additionalProperty: key12 },
																														message: "must NOT have additional properties"
																													}];
																													return false;
																												}
																												if (data59.id !== void 0) {
																													let data60 = data59.id;
																													if (typeof data60 === "string") {
																														if (!pattern5.test(data60)) {
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
																													var valid13 = true;
																												} else var valid13 = true;
																												if (valid13) {
																													if (data59.name !== void 0) {
																														let data61 = data59.name;
																														if (typeof data61 === "string") {
																															if (func2(data61) > 120) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/blends/" + i0 + "/own/name",
																																	schemaPath: "#/properties/blends/items/properties/own/properties/name/maxLength",
																																	keyword: "maxLength",
																																	params: { limit: 120 },
																																	message: "must NOT have more than 120 characters"
																																}];
																																return false;
																															} else if (func2(data61) < 1) {
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
																														var valid13 = true;
																													} else var valid13 = true;
																													if (valid13) {
																														if (data59.like !== void 0) {
																															let data62 = data59.like;
																															if (typeof data62 !== "string") {
																																validate20.errors = [{
																																	instancePath: instancePath + "/blends/" + i0 + "/own/like",
																																	schemaPath: "#/properties/blends/items/properties/own/properties/like/type",
																																	keyword: "type",
																																	params: { type: "string" },
																																	message: "must be string"
																																}];
																																return false;
																															}
																															if (!(data62 === "fondant" || data62 === "gumPaste" || data62 === "modellingPaste" || data62 === "marzipan" || data62 === "chocolateDark" || data62 === "chocolateMilk" || data62 === "chocolateWhite" || data62 === "chocolateCompound" || data62 === "royalIcing")) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/blends/" + i0 + "/own/like",
																																	schemaPath: "#/properties/blends/items/properties/own/properties/like/enum",
																																	keyword: "enum",
																																	params: { allowedValues: schema31.properties.blends.items.properties.own.properties.like.enum },
																																	message: "must be equal to one of the allowed values"
																																}];
																																return false;
																															}
																															var valid13 = true;
																														} else var valid13 = true;
																														if (valid13) {
																															if (data59.density !== void 0) {
																																let data63 = data59.density;
																																if (typeof data63 == "number" && isFinite(data63)) {
																																	if (data63 > 1.7 || isNaN(data63)) {
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
																																	} else if (data63 < .1 || isNaN(data63)) {
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
																																var valid13 = true;
																															} else var valid13 = true;
																															if (valid13) {
																																if (data59.shrink !== void 0) {
																																	let data64 = data59.shrink;
																																	if (typeof data64 == "number" && isFinite(data64)) {
																																		if (data64 > 10 || isNaN(data64)) {
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
																																		} else if (data64 < 0 || isNaN(data64)) {
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
																																	var valid13 = true;
																																} else var valid13 = true;
																																if (valid13) {
																																	if (data59.allergens !== void 0) {
																																		let data65 = data59.allergens;
																																		if (Array.isArray(data65)) {
																																			if (data65.length > 20) {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/blends/" + i0 + "/own/allergens",
																																					schemaPath: "#/properties/blends/items/properties/own/properties/allergens/maxItems",
																																					keyword: "maxItems",
																																					params: { limit: 20 },
																																					message: "must NOT have more than 20 items"
																																				}];
																																				return false;
																																			} else if (data65.length < 0) {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/blends/" + i0 + "/own/allergens",
																																					schemaPath: "#/properties/blends/items/properties/own/properties/allergens/minItems",
																																					keyword: "minItems",
																																					params: { limit: 0 },
																																					message: "must NOT have fewer than 0 items"
																																				}];
																																				return false;
																																			} else {
																																				const len1 = data65.length;
																																				for (let i1 = 0; i1 < len1; i1++) {
																																					let data66 = data65[i1];
																																					if (typeof data66 === "string") {
																																						if (func2(data66) > 60) {
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
																																		var valid13 = true;
																																	} else var valid13 = true;
																																	if (valid13) {
																																		if (data59.note !== void 0) {
																																			let data67 = data59.note;
																																			if (typeof data67 === "string") {
																																				if (func2(data67) > 1e3) {
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
																																			var valid13 = true;
																																		} else var valid13 = true;
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
																										var valid12 = true;
																									} else var valid12 = true;
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
												let data68 = data.colours;
												if (Array.isArray(data68)) {
													if (data68.length > 200) {
														validate20.errors = [{
															instancePath: instancePath + "/colours",
															schemaPath: "#/properties/colours/maxItems",
															keyword: "maxItems",
															params: { limit: 200 },
															message: "must NOT have more than 200 items"
														}];
														return false;
													} else if (data68.length < 1) {
														validate20.errors = [{
															instancePath: instancePath + "/colours",
															schemaPath: "#/properties/colours/minItems",
															keyword: "minItems",
															params: { limit: 1 },
															message: "must NOT have fewer than 1 items"
														}];
														return false;
													} else {
														const len2 = data68.length;
														for (let i2 = 0; i2 < len2; i2++) {
															let data69 = data68[i2];
															if (data69 && typeof data69 == "object" && !Array.isArray(data69)) {
																let missing12;
																if (data69.id === void 0 && (missing12 = "id") || data69.name === void 0 && (missing12 = "name") || data69.hex === void 0 && (missing12 = "hex")) {
																	validate20.errors = [{
																		instancePath: instancePath + "/colours/" + i2,
																		schemaPath: "#/properties/colours/items/required",
																		keyword: "required",
																		params: { missingProperty: missing12 },
																		message: "must have required property '" + missing12 + "'"
																	}];
																	return false;
																} else {
																	for (const key13 in data69) if (!(key13 === "id" || key13 === "name" || key13 === "hex")) {
																		validate20.errors = [{
																			instancePath: instancePath + "/colours/" + i2,
																			schemaPath: "#/properties/colours/items/additionalProperties",
																			keyword: "additionalProperties",
																			params: { additionalProperty: key13 },
																			message: "must NOT have additional properties"
																		}];
																		return false;
																	}
																	if (data69.id !== void 0) {
																		let data70 = data69.id;
																		if (typeof data70 === "string") {
																			if (!pattern5.test(data70)) {
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
																		var valid16 = true;
																	} else var valid16 = true;
																	if (valid16) {
																		if (data69.name !== void 0) {
																			let data71 = data69.name;
																			if (typeof data71 === "string") {
																				if (func2(data71) > 120) {
																					validate20.errors = [{
																						instancePath: instancePath + "/colours/" + i2 + "/name",
																						schemaPath: "#/properties/colours/items/properties/name/maxLength",
																						keyword: "maxLength",
																						params: { limit: 120 },
																						message: "must NOT have more than 120 characters"
																					}];
																					return false;
																				} else if (func2(data71) < 1) {
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
																			var valid16 = true;
																		} else var valid16 = true;
																		if (valid16) {
																			if (data69.hex !== void 0) {
																				let data72 = data69.hex;
																				if (typeof data72 === "string") {
																					if (!pattern8.test(data72)) {
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
																				var valid16 = true;
																			} else var valid16 = true;
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
													let data73 = data.pieces;
													if (Array.isArray(data73)) {
														if (data73.length > 600) {
															validate20.errors = [{
																instancePath: instancePath + "/pieces",
																schemaPath: "#/properties/pieces/maxItems",
																keyword: "maxItems",
																params: { limit: 600 },
																message: "must NOT have more than 600 items"
															}];
															return false;
														} else if (data73.length < 0) {
															validate20.errors = [{
																instancePath: instancePath + "/pieces",
																schemaPath: "#/properties/pieces/minItems",
																keyword: "minItems",
																params: { limit: 0 },
																message: "must NOT have fewer than 0 items"
															}];
															return false;
														} else {
															const len3 = data73.length;
															for (let i3 = 0; i3 < len3; i3++) {
																let data74 = data73[i3];
																if (data74 && typeof data74 == "object" && !Array.isArray(data74)) {
																	let missing13;
																	if (data74.id === void 0 && (missing13 = "id") || data74.name === void 0 && (missing13 = "name") || data74.form === void 0 && (missing13 = "form") || data74.blend === void 0 && (missing13 = "blend") || data74.colour === void 0 && (missing13 = "colour") || data74.seat === void 0 && (missing13 = "seat") || data74.pair === void 0 && (missing13 = "pair") || data74.count === void 0 && (missing13 = "count") || data74.texture === void 0 && (missing13 = "texture") || data74.core === void 0 && (missing13 = "core") || data74.tolerance === void 0 && (missing13 = "tolerance") || data74.hidden === void 0 && (missing13 = "hidden") || data74.breaks === void 0 && (missing13 = "breaks")) {
																		validate20.errors = [{
																			instancePath: instancePath + "/pieces/" + i3,
																			schemaPath: "#/properties/pieces/items/required",
																			keyword: "required",
																			params: { missingProperty: missing13 },
																			message: "must have required property '" + missing13 + "'"
																		}];
																		return false;
																	} else {
																		for (const key14 in data74) if (!func1.call(schema31.properties.pieces.items.properties, key14)) {
																			validate20.errors = [{
																				instancePath: instancePath + "/pieces/" + i3,
																				schemaPath: "#/properties/pieces/items/additionalProperties",
																				keyword: "additionalProperties",
																				params: { additionalProperty: key14 },
																				message: "must NOT have additional properties"
																			}];
																			return false;
																		}
																		if (data74.id !== void 0) {
																			let data75 = data74.id;
																			if (typeof data75 === "string") {
																				if (!pattern5.test(data75)) {
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
																			var valid18 = true;
																		} else var valid18 = true;
																		if (valid18) {
																			if (data74.name !== void 0) {
																				let data76 = data74.name;
																				if (typeof data76 === "string") {
																					if (func2(data76) > 120) {
																						validate20.errors = [{
																							instancePath: instancePath + "/pieces/" + i3 + "/name",
																							schemaPath: "#/properties/pieces/items/properties/name/maxLength",
																							keyword: "maxLength",
																							params: { limit: 120 },
																							message: "must NOT have more than 120 characters"
																						}];
																						return false;
																					} else if (func2(data76) < 1) {
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
																				var valid18 = true;
																			} else var valid18 = true;
																			if (valid18) {
																				if (data74.form !== void 0) {
																					let data77 = data74.form;
																					if (data77 && typeof data77 == "object" && !Array.isArray(data77)) {
																						let missing14;
																						if (data77.kind === void 0 && (missing14 = "kind") || data77.sizes === void 0 && (missing14 = "sizes")) {
																							validate20.errors = [{
																								instancePath: instancePath + "/pieces/" + i3 + "/form",
																								schemaPath: "#/properties/pieces/items/properties/form/required",
																								keyword: "required",
																								params: { missingProperty: missing14 },
																								message: "must have required property '" + missing14 + "'"
																							}];
																							return false;
																						} else {
																							for (const key15 in data77) if (!(key15 === "kind" || key15 === "sizes" || key15 === "outline" || key15 === "curves" || key15 === "coat" || key15 === "solid")) {
																								validate20.errors = [{
																									instancePath: instancePath + "/pieces/" + i3 + "/form",
																									schemaPath: "#/properties/pieces/items/properties/form/additionalProperties",
																									keyword: "additionalProperties",
																									params: { additionalProperty: key15 },
																									message: "must NOT have additional properties"
																								}];
																								return false;
																							}
																							if (data77.kind !== void 0) {
																								let data78 = data77.kind;
																								if (typeof data78 !== "string") {
																									validate20.errors = [{
																										instancePath: instancePath + "/pieces/" + i3 + "/form/kind",
																										schemaPath: "#/properties/pieces/items/properties/form/properties/kind/type",
																										keyword: "type",
																										params: { type: "string" },
																										message: "must be string"
																									}];
																									return false;
																								}
																								if (!(data78 === "ball" || data78 === "ellipsoid" || data78 === "egg" || data78 === "teardrop" || data78 === "cone" || data78 === "truncatedCone" || data78 === "dome" || data78 === "disc" || data78 === "roundedBlock" || data78 === "rope" || data78 === "taperedRope" || data78 === "skinOverBall" || data78 === "bentRope" || data78 === "ring" || data78 === "paddleHand" || data78 === "sheet" || data78 === "strip" || data78 === "ruffle" || data78 === "flounce" || data78 === "scales" || data78 === "strands" || data78 === "pearls" || data78 === "stitches" || data78 === "lathe" || data78 === "traced" || data78 === "imported")) {
																									validate20.errors = [{
																										instancePath: instancePath + "/pieces/" + i3 + "/form/kind",
																										schemaPath: "#/properties/pieces/items/properties/form/properties/kind/enum",
																										keyword: "enum",
																										params: { allowedValues: schema31.properties.pieces.items.properties.form.properties.kind.enum },
																										message: "must be equal to one of the allowed values"
																									}];
																									return false;
																								}
																								var valid19 = true;
																							} else var valid19 = true;
																							if (valid19) {
																								if (data77.sizes !== void 0) {
																									let data79 = data77.sizes;
																									if (data79 && typeof data79 == "object" && !Array.isArray(data79)) {
																										if (Object.keys(data79).length > 12) {
																											validate20.errors = [{
																												instancePath: instancePath + "/pieces/" + i3 + "/form/sizes",
																												schemaPath: "#/properties/pieces/items/properties/form/properties/sizes/maxProperties",
																												keyword: "maxProperties",
																												params: { limit: 12 },
																												message: "must NOT have more than 12 properties"
																											}];
																											return false;
																										} else for (const key16 in data79) {
																											let data80 = data79[key16];
																											if (!(typeof data80 == "number" && isFinite(data80))) {
																												validate20.errors = [{
																													instancePath: instancePath + "/pieces/" + i3 + "/form/sizes/" + key16.replace(/~/g, "~0").replace(/\//g, "~1"),
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
																									var valid19 = true;
																								} else var valid19 = true;
																								if (valid19) {
																									if (data77.outline !== void 0) {
																										let data81 = data77.outline;
																										if (typeof data81 !== "string") {
																											validate20.errors = [{
																												instancePath: instancePath + "/pieces/" + i3 + "/form/outline",
																												schemaPath: "#/properties/pieces/items/properties/form/properties/outline/type",
																												keyword: "type",
																												params: { type: "string" },
																												message: "must be string"
																											}];
																											return false;
																										}
																										if (!(data81 === "rectangle" || data81 === "oval" || data81 === "leaf" || data81 === "triangle" || data81 === "wedge" || data81 === "heart")) {
																											validate20.errors = [{
																												instancePath: instancePath + "/pieces/" + i3 + "/form/outline",
																												schemaPath: "#/properties/pieces/items/properties/form/properties/outline/enum",
																												keyword: "enum",
																												params: { allowedValues: schema31.properties.pieces.items.properties.form.properties.outline.enum },
																												message: "must be equal to one of the allowed values"
																											}];
																											return false;
																										}
																										var valid19 = true;
																									} else var valid19 = true;
																									if (valid19) {
																										if (data77.curves !== void 0) {
																											let data82 = data77.curves;
																											if (data82 && typeof data82 == "object" && !Array.isArray(data82)) {
																												for (const key17 in data82) if (!pattern10.test(key17)) {
																													validate20.errors = [{
																														instancePath: instancePath + "/pieces/" + i3 + "/form/curves",
																														schemaPath: "#/properties/pieces/items/properties/form/properties/curves/additionalProperties",
																														keyword: "additionalProperties",
																														params: { additionalProperty: key17 },
																														message: "must NOT have additional properties"
																													}];
																													return false;
																												}
																												for (const key18 in data82) if (pattern10.test(key18)) {
																													let data83 = data82[key18];
																													if (Array.isArray(data83)) {
																														if (data83.length > 200) {
																															validate20.errors = [{
																																instancePath: instancePath + "/pieces/" + i3 + "/form/curves/" + key18.replace(/~/g, "~0").replace(/\//g, "~1"),
																																schemaPath: "#/properties/pieces/items/properties/form/properties/curves/patternProperties/%5E(edge%7Cfront%7Cside%7Cprofile%7Chole%5B1-9%5D)%24/maxItems",
																																keyword: "maxItems",
																																params: { limit: 200 },
																																message: "must NOT have more than 200 items"
																															}];
																															return false;
																														} else if (data83.length < 2) {
																															validate20.errors = [{
																																instancePath: instancePath + "/pieces/" + i3 + "/form/curves/" + key18.replace(/~/g, "~0").replace(/\//g, "~1"),
																																schemaPath: "#/properties/pieces/items/properties/form/properties/curves/patternProperties/%5E(edge%7Cfront%7Cside%7Cprofile%7Chole%5B1-9%5D)%24/minItems",
																																keyword: "minItems",
																																params: { limit: 2 },
																																message: "must NOT have fewer than 2 items"
																															}];
																															return false;
																														} else {
																															const len4 = data83.length;
																															for (let i4 = 0; i4 < len4; i4++) {
																																let data84 = data83[i4];
																																if (Array.isArray(data84)) {
																																	if (data84.length > 3) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/pieces/" + i3 + "/form/curves/" + key18.replace(/~/g, "~0").replace(/\//g, "~1") + "/" + i4,
																																			schemaPath: "#/properties/pieces/items/properties/form/properties/curves/patternProperties/%5E(edge%7Cfront%7Cside%7Cprofile%7Chole%5B1-9%5D)%24/items/maxItems",
																																			keyword: "maxItems",
																																			params: { limit: 3 },
																																			message: "must NOT have more than 3 items"
																																		}];
																																		return false;
																																	} else if (data84.length < 2) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/pieces/" + i3 + "/form/curves/" + key18.replace(/~/g, "~0").replace(/\//g, "~1") + "/" + i4,
																																			schemaPath: "#/properties/pieces/items/properties/form/properties/curves/patternProperties/%5E(edge%7Cfront%7Cside%7Cprofile%7Chole%5B1-9%5D)%24/items/minItems",
																																			keyword: "minItems",
																																			params: { limit: 2 },
																																			message: "must NOT have fewer than 2 items"
																																		}];
																																		return false;
																																	} else {
																																		const len5 = data84.length;
																																		for (let i5 = 0; i5 < len5; i5++) {
																																			let data85 = data84[i5];
																																			if (typeof data85 == "number" && isFinite(data85)) {
																																				if (data85 > 4 || isNaN(data85)) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/pieces/" + i3 + "/form/curves/" + key18.replace(/~/g, "~0").replace(/\//g, "~1") + "/" + i4 + "/" + i5,
																																						schemaPath: "#/properties/pieces/items/properties/form/properties/curves/patternProperties/%5E(edge%7Cfront%7Cside%7Cprofile%7Chole%5B1-9%5D)%24/items/items/maximum",
																																						keyword: "maximum",
																																						params: {
																																							comparison: "<=",
																																							limit: 4
																																						},
																																						message: "must be <= 4"
																																					}];
																																					return false;
																																				} else if (data85 < -4 || isNaN(data85)) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/pieces/" + i3 + "/form/curves/" + key18.replace(/~/g, "~0").replace(/\//g, "~1") + "/" + i4 + "/" + i5,
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
																																					instancePath: instancePath + "/pieces/" + i3 + "/form/curves/" + key18.replace(/~/g, "~0").replace(/\//g, "~1") + "/" + i4 + "/" + i5,
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
																																		instancePath: instancePath + "/pieces/" + i3 + "/form/curves/" + key18.replace(/~/g, "~0").replace(/\//g, "~1") + "/" + i4,
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
																															instancePath: instancePath + "/pieces/" + i3 + "/form/curves/" + key18.replace(/~/g, "~0").replace(/\//g, "~1"),
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
																											var valid19 = true;
																										} else var valid19 = true;
																										if (valid19) {
																											if (data77.coat !== void 0) {
																												let data86 = data77.coat;
																												if (data86 && typeof data86 == "object" && !Array.isArray(data86)) {
																													let missing15;
																													if (data86.thickness === void 0 && (missing15 = "thickness") || data86.under === void 0 && (missing15 = "under")) {
																														validate20.errors = [{
																															instancePath: instancePath + "/pieces/" + i3 + "/form/coat",
																															schemaPath: "#/properties/pieces/items/properties/form/properties/coat/required",
																															keyword: "required",
																															params: { missingProperty: missing15 },
																															message: "must have required property '" + missing15 + "'"
																														}];
																														return false;
																													} else {
																														for (const key19 in data86) if (!(key19 === "thickness" || key19 === "under")) {
																															validate20.errors = [{
																																instancePath: instancePath + "/pieces/" + i3 + "/form/coat",
																																schemaPath: "#/properties/pieces/items/properties/form/properties/coat/additionalProperties",
																																keyword: "additionalProperties",
																																params: { additionalProperty: key19 },
																																message: "must NOT have additional properties"
																															}];
																															return false;
																														}
																														if (data86.thickness !== void 0) {
																															let data87 = data86.thickness;
																															if (typeof data87 == "number" && isFinite(data87)) {
																																if (data87 > 100 || isNaN(data87)) {
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
																																} else if (data87 < .1 || isNaN(data87)) {
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
																															var valid24 = true;
																														} else var valid24 = true;
																														if (valid24) {
																															if (data86.under !== void 0) {
																																if (typeof data86.under !== "boolean") {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/pieces/" + i3 + "/form/coat/under",
																																		schemaPath: "#/properties/pieces/items/properties/form/properties/coat/properties/under/type",
																																		keyword: "type",
																																		params: { type: "boolean" },
																																		message: "must be boolean"
																																	}];
																																	return false;
																																}
																																var valid24 = true;
																															} else var valid24 = true;
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
																												var valid19 = true;
																											} else var valid19 = true;
																											if (valid19) {
																												if (data77.solid !== void 0) {
																													let data89 = data77.solid;
																													if (data89 && typeof data89 == "object" && !Array.isArray(data89)) {
																														let missing16;
																														if (data89.name === void 0 && (missing16 = "name") || data89.corners === void 0 && (missing16 = "corners") || data89.faces === void 0 && (missing16 = "faces") || data89.fills === void 0 && (missing16 = "fills") || data89.centre === void 0 && (missing16 = "centre") || data89.watertight === void 0 && (missing16 = "watertight")) {
																															validate20.errors = [{
																																instancePath: instancePath + "/pieces/" + i3 + "/form/solid",
																																schemaPath: "#/properties/pieces/items/properties/form/properties/solid/required",
																																keyword: "required",
																																params: { missingProperty: missing16 },
																																message: "must have required property '" + missing16 + "'"
																															}];
																															return false;
																														} else {
																															for (const key20 in data89) if (!(key20 === "name" || key20 === "corners" || key20 === "faces" || key20 === "fills" || key20 === "centre" || key20 === "watertight")) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/pieces/" + i3 + "/form/solid",
																																	schemaPath: "#/properties/pieces/items/properties/form/properties/solid/additionalProperties",
																																	keyword: "additionalProperties",
																																	params: { additionalProperty: key20 },
																																	message: "must NOT have additional properties"
																																}];
																																return false;
																															}
																															if (data89.name !== void 0) {
																																let data90 = data89.name;
																																if (typeof data90 === "string") {
																																	if (func2(data90) > 120) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/pieces/" + i3 + "/form/solid/name",
																																			schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/name/maxLength",
																																			keyword: "maxLength",
																																			params: { limit: 120 },
																																			message: "must NOT have more than 120 characters"
																																		}];
																																		return false;
																																	} else if (func2(data90) < 1) {
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
																																var valid25 = true;
																															} else var valid25 = true;
																															if (valid25) {
																																if (data89.corners !== void 0) {
																																	let data91 = data89.corners;
																																	if (Array.isArray(data91)) {
																																		if (data91.length > 6e4) {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/pieces/" + i3 + "/form/solid/corners",
																																				schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/corners/maxItems",
																																				keyword: "maxItems",
																																				params: { limit: 6e4 },
																																				message: "must NOT have more than 60000 items"
																																			}];
																																			return false;
																																		} else if (data91.length < 12) {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/pieces/" + i3 + "/form/solid/corners",
																																				schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/corners/minItems",
																																				keyword: "minItems",
																																				params: { limit: 12 },
																																				message: "must NOT have fewer than 12 items"
																																			}];
																																			return false;
																																		} else {
																																			const len6 = data91.length;
																																			for (let i6 = 0; i6 < len6; i6++) {
																																				let data92 = data91[i6];
																																				if (!(typeof data92 == "number" && !(data92 % 1) && !isNaN(data92) && isFinite(data92))) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/pieces/" + i3 + "/form/solid/corners/" + i6,
																																						schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/corners/items/type",
																																						keyword: "type",
																																						params: { type: "integer" },
																																						message: "must be integer"
																																					}];
																																					return false;
																																				}
																																				if (typeof data92 == "number" && isFinite(data92)) {
																																					if (data92 > 1e4 || isNaN(data92)) {
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
																																					} else if (data92 < 0 || isNaN(data92)) {
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
																																	var valid25 = true;
																																} else var valid25 = true;
																																if (valid25) {
																																	if (data89.faces !== void 0) {
																																		let data93 = data89.faces;
																																		if (Array.isArray(data93)) {
																																			if (data93.length > 6e4) {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/pieces/" + i3 + "/form/solid/faces",
																																					schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/faces/maxItems",
																																					keyword: "maxItems",
																																					params: { limit: 6e4 },
																																					message: "must NOT have more than 60000 items"
																																				}];
																																				return false;
																																			} else if (data93.length < 12) {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/pieces/" + i3 + "/form/solid/faces",
																																					schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/faces/minItems",
																																					keyword: "minItems",
																																					params: { limit: 12 },
																																					message: "must NOT have fewer than 12 items"
																																				}];
																																				return false;
																																			} else {
																																				const len7 = data93.length;
																																				for (let i7 = 0; i7 < len7; i7++) {
																																					let data94 = data93[i7];
																																					if (!(typeof data94 == "number" && !(data94 % 1) && !isNaN(data94) && isFinite(data94))) {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/pieces/" + i3 + "/form/solid/faces/" + i7,
																																							schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/faces/items/type",
																																							keyword: "type",
																																							params: { type: "integer" },
																																							message: "must be integer"
																																						}];
																																						return false;
																																					}
																																					if (typeof data94 == "number" && isFinite(data94)) {
																																						if (data94 > 2e4 || isNaN(data94)) {
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
																																						} else if (data94 < 0 || isNaN(data94)) {
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
																																		var valid25 = true;
																																	} else var valid25 = true;
																																	if (valid25) {
																																		if (data89.fills !== void 0) {
																																			let data95 = data89.fills;
																																			if (typeof data95 == "number" && isFinite(data95)) {
																																				if (data95 > 1 || isNaN(data95)) {
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
																																				} else if (data95 < 0 || isNaN(data95)) {
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
																																			var valid25 = true;
																																		} else var valid25 = true;
																																		if (valid25) {
																																			if (data89.centre !== void 0) {
																																				let data96 = data89.centre;
																																				if (Array.isArray(data96)) {
																																					if (data96.length > 3) {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/pieces/" + i3 + "/form/solid/centre",
																																							schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/centre/maxItems",
																																							keyword: "maxItems",
																																							params: { limit: 3 },
																																							message: "must NOT have more than 3 items"
																																						}];
																																						return false;
																																					} else if (data96.length < 3) {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/pieces/" + i3 + "/form/solid/centre",
																																							schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/centre/minItems",
																																							keyword: "minItems",
																																							params: { limit: 3 },
																																							message: "must NOT have fewer than 3 items"
																																						}];
																																						return false;
																																					} else {
																																						const len8 = data96.length;
																																						for (let i8 = 0; i8 < len8; i8++) {
																																							let data97 = data96[i8];
																																							if (typeof data97 == "number" && isFinite(data97)) {
																																								if (data97 > 2 || isNaN(data97)) {
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
																																								} else if (data97 < -1 || isNaN(data97)) {
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
																																				var valid25 = true;
																																			} else var valid25 = true;
																																			if (valid25) {
																																				if (data89.watertight !== void 0) {
																																					if (typeof data89.watertight !== "boolean") {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/pieces/" + i3 + "/form/solid/watertight",
																																							schemaPath: "#/properties/pieces/items/properties/form/properties/solid/properties/watertight/type",
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
																													var valid19 = true;
																												} else var valid19 = true;
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
																					var valid18 = true;
																				} else var valid18 = true;
																				if (valid18) {
																					if (data74.blend !== void 0) {
																						let data99 = data74.blend;
																						if (typeof data99 === "string") {
																							if (!pattern5.test(data99)) {
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
																						var valid18 = true;
																					} else var valid18 = true;
																					if (valid18) {
																						if (data74.colour !== void 0) {
																							let data100 = data74.colour;
																							if (typeof data100 === "string") {
																								if (!pattern5.test(data100)) {
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
																							var valid18 = true;
																						} else var valid18 = true;
																						if (valid18) {
																							if (data74.seat !== void 0) {
																								let data101 = data74.seat;
																								if (data101 && typeof data101 == "object" && !Array.isArray(data101)) {
																									let missing17;
																									if (data101.on === void 0 && (missing17 = "on") || data101.at === void 0 && (missing17 = "at") || data101.lean === void 0 && (missing17 = "lean") || data101.tip === void 0 && (missing17 = "tip") || data101.turn === void 0 && (missing17 = "turn") || data101.sink === void 0 && (missing17 = "sink") || data101.how === void 0 && (missing17 = "how") || data101.overlap === void 0 && (missing17 = "overlap")) {
																										validate20.errors = [{
																											instancePath: instancePath + "/pieces/" + i3 + "/seat",
																											schemaPath: "#/properties/pieces/items/properties/seat/required",
																											keyword: "required",
																											params: { missingProperty: missing17 },
																											message: "must have required property '" + missing17 + "'"
																										}];
																										return false;
																									} else {
																										for (const key21 in data101) if (!func1.call(schema31.properties.pieces.items.properties.seat.properties, key21)) {
																											validate20.errors = [{
																												instancePath: instancePath + "/pieces/" + i3 + "/seat",
																												schemaPath: "#/properties/pieces/items/properties/seat/additionalProperties",
																												keyword: "additionalProperties",
																												params: { additionalProperty: key21 },
																												message: "must NOT have additional properties"
																											}];
																											return false;
																										}
																										if (data101.on !== void 0) {
																											let data102 = data101.on;
																											if (typeof data102 === "string") {
																												if (!pattern5.test(data102)) {
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
																											var valid29 = true;
																										} else var valid29 = true;
																										if (valid29) {
																											if (data101.at !== void 0) {
																												let data103 = data101.at;
																												if (Array.isArray(data103)) {
																													if (data103.length > 3) {
																														validate20.errors = [{
																															instancePath: instancePath + "/pieces/" + i3 + "/seat/at",
																															schemaPath: "#/properties/pieces/items/properties/seat/properties/at/maxItems",
																															keyword: "maxItems",
																															params: { limit: 3 },
																															message: "must NOT have more than 3 items"
																														}];
																														return false;
																													} else if (data103.length < 3) {
																														validate20.errors = [{
																															instancePath: instancePath + "/pieces/" + i3 + "/seat/at",
																															schemaPath: "#/properties/pieces/items/properties/seat/properties/at/minItems",
																															keyword: "minItems",
																															params: { limit: 3 },
																															message: "must NOT have fewer than 3 items"
																														}];
																														return false;
																													} else {
																														const len9 = data103.length;
																														for (let i9 = 0; i9 < len9; i9++) {
																															let data104 = data103[i9];
																															if (typeof data104 == "number" && isFinite(data104)) {
																																if (data104 > 3e3 || isNaN(data104)) {
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
																																} else if (data104 < -3e3 || isNaN(data104)) {
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
																												var valid29 = true;
																											} else var valid29 = true;
																											if (valid29) {
																												if (data101.lean !== void 0) {
																													let data105 = data101.lean;
																													if (typeof data105 == "number" && isFinite(data105)) {
																														if (data105 > 360 || isNaN(data105)) {
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
																														} else if (data105 < -360 || isNaN(data105)) {
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
																													var valid29 = true;
																												} else var valid29 = true;
																												if (valid29) {
																													if (data101.tip !== void 0) {
																														let data106 = data101.tip;
																														if (typeof data106 == "number" && isFinite(data106)) {
																															if (data106 > 360 || isNaN(data106)) {
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
																															} else if (data106 < -360 || isNaN(data106)) {
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
																														var valid29 = true;
																													} else var valid29 = true;
																													if (valid29) {
																														if (data101.turn !== void 0) {
																															let data107 = data101.turn;
																															if (typeof data107 == "number" && isFinite(data107)) {
																																if (data107 > 360 || isNaN(data107)) {
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
																																} else if (data107 < -360 || isNaN(data107)) {
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
																															var valid29 = true;
																														} else var valid29 = true;
																														if (valid29) {
																															if (data101.sink !== void 0) {
																																let data108 = data101.sink;
																																if (typeof data108 == "number" && isFinite(data108)) {
																																	if (data108 > 500 || isNaN(data108)) {
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
																																	} else if (data108 < -200 || isNaN(data108)) {
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
																																var valid29 = true;
																															} else var valid29 = true;
																															if (valid29) {
																																if (data101.how !== void 0) {
																																	let data109 = data101.how;
																																	if (typeof data109 !== "string") {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/pieces/" + i3 + "/seat/how",
																																			schemaPath: "#/properties/pieces/items/properties/seat/properties/how/type",
																																			keyword: "type",
																																			params: { type: "string" },
																																			message: "must be string"
																																		}];
																																		return false;
																																	}
																																	if (!(data109 === "sits" || data109 === "set" || data109 === "hangs" || data109 === "wraps")) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/pieces/" + i3 + "/seat/how",
																																			schemaPath: "#/properties/pieces/items/properties/seat/properties/how/enum",
																																			keyword: "enum",
																																			params: { allowedValues: schema31.properties.pieces.items.properties.seat.properties.how.enum },
																																			message: "must be equal to one of the allowed values"
																																		}];
																																		return false;
																																	}
																																	var valid29 = true;
																																} else var valid29 = true;
																																if (valid29) {
																																	if (data101.overlap !== void 0) {
																																		let data110 = data101.overlap;
																																		if (typeof data110 !== "string") {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/pieces/" + i3 + "/seat/overlap",
																																				schemaPath: "#/properties/pieces/items/properties/seat/properties/overlap/type",
																																				keyword: "type",
																																				params: { type: "string" },
																																				message: "must be string"
																																			}];
																																			return false;
																																		}
																																		if (!(data110 === "pressed" || data110 === "trimmed")) {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/pieces/" + i3 + "/seat/overlap",
																																				schemaPath: "#/properties/pieces/items/properties/seat/properties/overlap/enum",
																																				keyword: "enum",
																																				params: { allowedValues: schema31.properties.pieces.items.properties.seat.properties.overlap.enum },
																																				message: "must be equal to one of the allowed values"
																																			}];
																																			return false;
																																		}
																																		var valid29 = true;
																																	} else var valid29 = true;
																																	if (valid29) {
																																		if (data101.disc !== void 0) {
																																			let data111 = data101.disc;
																																			if (data111 && typeof data111 == "object" && !Array.isArray(data111)) {
																																				let missing18;
																																				if (data111.of === void 0 && (missing18 = "of") || data111.width === void 0 && (missing18 = "width")) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/pieces/" + i3 + "/seat/disc",
																																						schemaPath: "#/properties/pieces/items/properties/seat/properties/disc/required",
																																						keyword: "required",
																																						params: { missingProperty: missing18 },
																																						message: "must have required property '" + missing18 + "'"
																																					}];
																																					return false;
																																				} else {
																																					for (const key22 in data111) if (!(key22 === "of" || key22 === "width")) {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/pieces/" + i3 + "/seat/disc",
																																							schemaPath: "#/properties/pieces/items/properties/seat/properties/disc/additionalProperties",
																																							keyword: "additionalProperties",
																																							params: { additionalProperty: key22 },
																																							message: "must NOT have additional properties"
																																						}];
																																						return false;
																																					}
																																					if (data111.of !== void 0) {
																																						let data112 = data111.of;
																																						if (typeof data112 !== "string") {
																																							validate20.errors = [{
																																								instancePath: instancePath + "/pieces/" + i3 + "/seat/disc/of",
																																								schemaPath: "#/properties/pieces/items/properties/seat/properties/disc/properties/of/type",
																																								keyword: "type",
																																								params: { type: "string" },
																																								message: "must be string"
																																							}];
																																							return false;
																																						}
																																						if (!(data112 === "card" || data112 === "foam" || data112 === "acrylic")) {
																																							validate20.errors = [{
																																								instancePath: instancePath + "/pieces/" + i3 + "/seat/disc/of",
																																								schemaPath: "#/properties/pieces/items/properties/seat/properties/disc/properties/of/enum",
																																								keyword: "enum",
																																								params: { allowedValues: schema31.properties.pieces.items.properties.seat.properties.disc.properties.of.enum },
																																								message: "must be equal to one of the allowed values"
																																							}];
																																							return false;
																																						}
																																						var valid31 = true;
																																					} else var valid31 = true;
																																					if (valid31) {
																																						if (data111.width !== void 0) {
																																							let data113 = data111.width;
																																							if (typeof data113 == "number" && isFinite(data113)) {
																																								if (data113 > 600 || isNaN(data113)) {
																																									validate20.errors = [{
																																										instancePath: instancePath + "/pieces/" + i3 + "/seat/disc/width",
																																										schemaPath: "#/properties/pieces/items/properties/seat/properties/disc/properties/width/maximum",
																																										keyword: "maximum",
																																										params: {
																																											comparison: "<=",
																																											limit: 600
																																										},
																																										message: "must be <= 600"
																																									}];
																																									return false;
																																								} else if (data113 < 10 || isNaN(data113)) {
																																									validate20.errors = [{
																																										instancePath: instancePath + "/pieces/" + i3 + "/seat/disc/width",
																																										schemaPath: "#/properties/pieces/items/properties/seat/properties/disc/properties/width/minimum",
																																										keyword: "minimum",
																																										params: {
																																											comparison: ">=",
																																											limit: 10
																																										},
																																										message: "must be >= 10"
																																									}];
																																									return false;
																																								}
																																							} else {
																																								validate20.errors = [{
																																									instancePath: instancePath + "/pieces/" + i3 + "/seat/disc/width",
																																									schemaPath: "#/properties/pieces/items/properties/seat/properties/disc/properties/width/type",
																																									keyword: "type",
																																									params: { type: "number" },
																																									message: "must be number"
																																								}];
																																								return false;
																																							}
																																							var valid31 = true;
																																						} else var valid31 = true;
																																					}
																																				}
																																			} else {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/pieces/" + i3 + "/seat/disc",
																																					schemaPath: "#/properties/pieces/items/properties/seat/properties/disc/type",
																																					keyword: "type",
																																					params: { type: "object" },
																																					message: "must be object"
																																				}];
																																				return false;
																																			}
																																			var valid29 = true;
																																		} else var valid29 = true;
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
																										instancePath: instancePath + "/pieces/" + i3 + "/seat",
																										schemaPath: "#/properties/pieces/items/properties/seat/type",
																										keyword: "type",
																										params: { type: "object" },
																										message: "must be object"
																									}];
																									return false;
																								}
																								var valid18 = true;
																							} else var valid18 = true;
																							if (valid18) {
																								if (data74.pair !== void 0) {
																									if (typeof data74.pair !== "boolean") {
																										validate20.errors = [{
																											instancePath: instancePath + "/pieces/" + i3 + "/pair",
																											schemaPath: "#/properties/pieces/items/properties/pair/type",
																											keyword: "type",
																											params: { type: "boolean" },
																											message: "must be boolean"
																										}];
																										return false;
																									}
																									var valid18 = true;
																								} else var valid18 = true;
																								if (valid18) {
																									if (data74.count !== void 0) {
																										let data115 = data74.count;
																										if (!(typeof data115 == "number" && !(data115 % 1) && !isNaN(data115) && isFinite(data115))) {
																											validate20.errors = [{
																												instancePath: instancePath + "/pieces/" + i3 + "/count",
																												schemaPath: "#/properties/pieces/items/properties/count/type",
																												keyword: "type",
																												params: { type: "integer" },
																												message: "must be integer"
																											}];
																											return false;
																										}
																										if (typeof data115 == "number" && isFinite(data115)) {
																											if (data115 > 500 || isNaN(data115)) {
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
																											} else if (data115 < 1 || isNaN(data115)) {
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
																										var valid18 = true;
																									} else var valid18 = true;
																									if (valid18) {
																										if (data74.texture !== void 0) {
																											let data116 = data74.texture;
																											if (typeof data116 !== "string") {
																												validate20.errors = [{
																													instancePath: instancePath + "/pieces/" + i3 + "/texture",
																													schemaPath: "#/properties/pieces/items/properties/texture/type",
																													keyword: "type",
																													params: { type: "string" },
																													message: "must be string"
																												}];
																												return false;
																											}
																											if (!(data116 === "none" || data116 === "fur" || data116 === "feathers" || data116 === "veins" || data116 === "wood" || data116 === "creases" || data116 === "stitches" || data116 === "stipple")) {
																												validate20.errors = [{
																													instancePath: instancePath + "/pieces/" + i3 + "/texture",
																													schemaPath: "#/properties/pieces/items/properties/texture/enum",
																													keyword: "enum",
																													params: { allowedValues: schema31.properties.pieces.items.properties.texture.enum },
																													message: "must be equal to one of the allowed values"
																												}];
																												return false;
																											}
																											var valid18 = true;
																										} else var valid18 = true;
																										if (valid18) {
																											if (data74.core !== void 0) {
																												let data117 = data74.core;
																												if (typeof data117 !== "string") {
																													validate20.errors = [{
																														instancePath: instancePath + "/pieces/" + i3 + "/core",
																														schemaPath: "#/properties/pieces/items/properties/core/type",
																														keyword: "type",
																														params: { type: "string" },
																														message: "must be string"
																													}];
																													return false;
																												}
																												if (!(data117 === "foam" || data117 === "cereal" || data117 === "cake")) {
																													validate20.errors = [{
																														instancePath: instancePath + "/pieces/" + i3 + "/core",
																														schemaPath: "#/properties/pieces/items/properties/core/enum",
																														keyword: "enum",
																														params: { allowedValues: schema31.properties.pieces.items.properties.core.enum },
																														message: "must be equal to one of the allowed values"
																													}];
																													return false;
																												}
																												var valid18 = true;
																											} else var valid18 = true;
																											if (valid18) {
																												if (data74.tolerance !== void 0) {
																													let data118 = data74.tolerance;
																													if (typeof data118 !== "string") {
																														validate20.errors = [{
																															instancePath: instancePath + "/pieces/" + i3 + "/tolerance",
																															schemaPath: "#/properties/pieces/items/properties/tolerance/type",
																															keyword: "type",
																															params: { type: "string" },
																															message: "must be string"
																														}];
																														return false;
																													}
																													if (!(data118 === "equal" || data118 === "mirrored" || data118 === "varied" || data118 === "hidden")) {
																														validate20.errors = [{
																															instancePath: instancePath + "/pieces/" + i3 + "/tolerance",
																															schemaPath: "#/properties/pieces/items/properties/tolerance/enum",
																															keyword: "enum",
																															params: { allowedValues: schema31.properties.pieces.items.properties.tolerance.enum },
																															message: "must be equal to one of the allowed values"
																														}];
																														return false;
																													}
																													var valid18 = true;
																												} else var valid18 = true;
																												if (valid18) {
																													if (data74.hidden !== void 0) {
																														let data119 = data74.hidden;
																														if (typeof data119 !== "string") {
																															validate20.errors = [{
																																instancePath: instancePath + "/pieces/" + i3 + "/hidden",
																																schemaPath: "#/properties/pieces/items/properties/hidden/type",
																																keyword: "type",
																																params: { type: "string" },
																																message: "must be string"
																															}];
																															return false;
																														}
																														if (!(data119 === "none" || data119 === "under" || data119 === "back" || data119 === "front" || data119 === "left" || data119 === "right" || data119 === "top")) {
																															validate20.errors = [{
																																instancePath: instancePath + "/pieces/" + i3 + "/hidden",
																																schemaPath: "#/properties/pieces/items/properties/hidden/enum",
																																keyword: "enum",
																																params: { allowedValues: schema31.properties.pieces.items.properties.hidden.enum },
																																message: "must be equal to one of the allowed values"
																															}];
																															return false;
																														}
																														var valid18 = true;
																													} else var valid18 = true;
																													if (valid18) {
																														if (data74.breaks !== void 0) {
																															let data120 = data74.breaks;
																															if (typeof data120 == "number" && isFinite(data120)) {
																																if (data120 > 60 || isNaN(data120)) {
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
																																} else if (data120 < 0 || isNaN(data120)) {
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
																															var valid18 = true;
																														} else var valid18 = true;
																														if (valid18) {
																															if (data74.glue !== void 0) {
																																let data121 = data74.glue;
																																if (typeof data121 !== "string") {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/pieces/" + i3 + "/glue",
																																		schemaPath: "#/properties/pieces/items/properties/glue/type",
																																		keyword: "type",
																																		params: { type: "string" },
																																		message: "must be string"
																																	}];
																																	return false;
																																}
																																if (!(data121 === "press" || data121 === "water" || data121 === "sugarGlue" || data121 === "gumGlue" || data121 === "thickPasteGlue" || data121 === "spirit" || data121 === "pipingGel" || data121 === "shortening" || data121 === "buttercream" || data121 === "jam" || data121 === "royalIcing" || data121 === "meltedChocolate")) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/pieces/" + i3 + "/glue",
																																		schemaPath: "#/properties/pieces/items/properties/glue/enum",
																																		keyword: "enum",
																																		params: { allowedValues: schema31.properties.pieces.items.properties.glue.enum },
																																		message: "must be equal to one of the allowed values"
																																	}];
																																	return false;
																																}
																																var valid18 = true;
																															} else var valid18 = true;
																															if (valid18) {
																																if (data74.built !== void 0) {
																																	let data122 = data74.built;
																																	if (typeof data122 !== "string") {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/pieces/" + i3 + "/built",
																																			schemaPath: "#/properties/pieces/items/properties/built/type",
																																			keyword: "type",
																																			params: { type: "string" },
																																			message: "must be string"
																																		}];
																																		return false;
																																	}
																																	if (!(data122 === "there" || data122 === "dummy" || data122 === "foam")) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/pieces/" + i3 + "/built",
																																			schemaPath: "#/properties/pieces/items/properties/built/enum",
																																			keyword: "enum",
																																			params: { allowedValues: schema31.properties.pieces.items.properties.built.enum },
																																			message: "must be equal to one of the allowed values"
																																		}];
																																		return false;
																																	}
																																	var valid18 = true;
																																} else var valid18 = true;
																																if (valid18) {
																																	if (data74.propped !== void 0) {
																																		let data123 = data74.propped;
																																		if (typeof data123 !== "boolean") {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/pieces/" + i3 + "/propped",
																																				schemaPath: "#/properties/pieces/items/properties/propped/type",
																																				keyword: "type",
																																				params: { type: "boolean" },
																																				message: "must be boolean"
																																			}];
																																			return false;
																																		}
																																		if (!(data123 === true)) {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/pieces/" + i3 + "/propped",
																																				schemaPath: "#/properties/pieces/items/properties/propped/enum",
																																				keyword: "enum",
																																				params: { allowedValues: schema31.properties.pieces.items.properties.propped.enum },
																																				message: "must be equal to one of the allowed values"
																																			}];
																																			return false;
																																		}
																																		var valid18 = true;
																																	} else var valid18 = true;
																																	if (valid18) {
																																		if (data74.rests !== void 0) {
																																			let data124 = data74.rests;
																																			if (Array.isArray(data124)) {
																																				if (data124.length > 6) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/pieces/" + i3 + "/rests",
																																						schemaPath: "#/properties/pieces/items/properties/rests/maxItems",
																																						keyword: "maxItems",
																																						params: { limit: 6 },
																																						message: "must NOT have more than 6 items"
																																					}];
																																					return false;
																																				} else if (data124.length < 1) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/pieces/" + i3 + "/rests",
																																						schemaPath: "#/properties/pieces/items/properties/rests/minItems",
																																						keyword: "minItems",
																																						params: { limit: 1 },
																																						message: "must NOT have fewer than 1 items"
																																					}];
																																					return false;
																																				} else {
																																					const len10 = data124.length;
																																					for (let i10 = 0; i10 < len10; i10++) {
																																						let data125 = data124[i10];
																																						if (data125 && typeof data125 == "object" && !Array.isArray(data125)) {
																																							let missing19;
																																							if (data125.place === void 0 && (missing19 = "place") || data125.hours === void 0 && (missing19 = "hours")) {
																																								validate20.errors = [{
																																									instancePath: instancePath + "/pieces/" + i3 + "/rests/" + i10,
																																									schemaPath: "#/properties/pieces/items/properties/rests/items/required",
																																									keyword: "required",
																																									params: { missingProperty: missing19 },
																																									message: "must have required property '" + missing19 + "'"
																																								}];
																																								return false;
																																							} else {
																																								for (const key23 in data125) if (!(key23 === "place" || key23 === "hours")) {
																																									validate20.errors = [{
																																										instancePath: instancePath + "/pieces/" + i3 + "/rests/" + i10,
																																										schemaPath: "#/properties/pieces/items/properties/rests/items/additionalProperties",
																																										keyword: "additionalProperties",
																																										params: { additionalProperty: key23 },
																																										message: "must NOT have additional properties"
																																									}];
																																									return false;
																																								}
																																								if (data125.place !== void 0) {
																																									let data126 = data125.place;
																																									if (typeof data126 !== "string") {
																																										validate20.errors = [{
																																											instancePath: instancePath + "/pieces/" + i3 + "/rests/" + i10 + "/place",
																																											schemaPath: "#/properties/pieces/items/properties/rests/items/properties/place/type",
																																											keyword: "type",
																																											params: { type: "string" },
																																											message: "must be string"
																																										}];
																																										return false;
																																									}
																																									if (!(data126 === "room" || data126 === "fan" || data126 === "box" || data126 === "fridge" || data126 === "freezer" || data126 === "bag")) {
																																										validate20.errors = [{
																																											instancePath: instancePath + "/pieces/" + i3 + "/rests/" + i10 + "/place",
																																											schemaPath: "#/properties/pieces/items/properties/rests/items/properties/place/enum",
																																											keyword: "enum",
																																											params: { allowedValues: schema31.properties.pieces.items.properties.rests.items.properties.place.enum },
																																											message: "must be equal to one of the allowed values"
																																										}];
																																										return false;
																																									}
																																									var valid33 = true;
																																								} else var valid33 = true;
																																								if (valid33) {
																																									if (data125.hours !== void 0) {
																																										let data127 = data125.hours;
																																										if (typeof data127 == "number" && isFinite(data127)) {
																																											if (data127 > 200 || isNaN(data127)) {
																																												validate20.errors = [{
																																													instancePath: instancePath + "/pieces/" + i3 + "/rests/" + i10 + "/hours",
																																													schemaPath: "#/properties/pieces/items/properties/rests/items/properties/hours/maximum",
																																													keyword: "maximum",
																																													params: {
																																														comparison: "<=",
																																														limit: 200
																																													},
																																													message: "must be <= 200"
																																												}];
																																												return false;
																																											} else if (data127 < .1 || isNaN(data127)) {
																																												validate20.errors = [{
																																													instancePath: instancePath + "/pieces/" + i3 + "/rests/" + i10 + "/hours",
																																													schemaPath: "#/properties/pieces/items/properties/rests/items/properties/hours/minimum",
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
																																												instancePath: instancePath + "/pieces/" + i3 + "/rests/" + i10 + "/hours",
																																												schemaPath: "#/properties/pieces/items/properties/rests/items/properties/hours/type",
																																												keyword: "type",
																																												params: { type: "number" },
																																												message: "must be number"
																																											}];
																																											return false;
																																										}
																																										var valid33 = true;
																																									} else var valid33 = true;
																																								}
																																							}
																																						} else {
																																							validate20.errors = [{
																																								instancePath: instancePath + "/pieces/" + i3 + "/rests/" + i10,
																																								schemaPath: "#/properties/pieces/items/properties/rests/items/type",
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
																																					instancePath: instancePath + "/pieces/" + i3 + "/rests",
																																					schemaPath: "#/properties/pieces/items/properties/rests/type",
																																					keyword: "type",
																																					params: { type: "array" },
																																					message: "must be array"
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
														let data128 = data.rods;
														if (Array.isArray(data128)) {
															if (data128.length > 200) {
																validate20.errors = [{
																	instancePath: instancePath + "/rods",
																	schemaPath: "#/properties/rods/maxItems",
																	keyword: "maxItems",
																	params: { limit: 200 },
																	message: "must NOT have more than 200 items"
																}];
																return false;
															} else if (data128.length < 0) {
																validate20.errors = [{
																	instancePath: instancePath + "/rods",
																	schemaPath: "#/properties/rods/minItems",
																	keyword: "minItems",
																	params: { limit: 0 },
																	message: "must NOT have fewer than 0 items"
																}];
																return false;
															} else {
																const len11 = data128.length;
																for (let i11 = 0; i11 < len11; i11++) {
																	let data129 = data128[i11];
																	if (data129 && typeof data129 == "object" && !Array.isArray(data129)) {
																		let missing20;
																		if (data129.id === void 0 && (missing20 = "id") || data129.name === void 0 && (missing20 = "name") || data129.stock === void 0 && (missing20 = "stock") || data129.from === void 0 && (missing20 = "from") || data129.to === void 0 && (missing20 = "to") || data129.pair === void 0 && (missing20 = "pair") || data129.sleeved === void 0 && (missing20 = "sleeved")) {
																			validate20.errors = [{
																				instancePath: instancePath + "/rods/" + i11,
																				schemaPath: "#/properties/rods/items/required",
																				keyword: "required",
																				params: { missingProperty: missing20 },
																				message: "must have required property '" + missing20 + "'"
																			}];
																			return false;
																		} else {
																			for (const key24 in data129) if (!func1.call(schema31.properties.rods.items.properties, key24)) {
																				validate20.errors = [{
																					instancePath: instancePath + "/rods/" + i11,
																					schemaPath: "#/properties/rods/items/additionalProperties",
																					keyword: "additionalProperties",
																					params: { additionalProperty: key24 },
																					message: "must NOT have additional properties"
																				}];
																				return false;
																			}
																			if (data129.id !== void 0) {
																				let data130 = data129.id;
																				if (typeof data130 === "string") {
																					if (!pattern5.test(data130)) {
																						validate20.errors = [{
																							instancePath: instancePath + "/rods/" + i11 + "/id",
																							schemaPath: "#/properties/rods/items/properties/id/pattern",
																							keyword: "pattern",
																							params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																							message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																						}];
																						return false;
																					}
																				} else {
																					validate20.errors = [{
																						instancePath: instancePath + "/rods/" + i11 + "/id",
																						schemaPath: "#/properties/rods/items/properties/id/type",
																						keyword: "type",
																						params: { type: "string" },
																						message: "must be string"
																					}];
																					return false;
																				}
																				var valid35 = true;
																			} else var valid35 = true;
																			if (valid35) {
																				if (data129.name !== void 0) {
																					let data131 = data129.name;
																					if (typeof data131 === "string") {
																						if (func2(data131) > 120) {
																							validate20.errors = [{
																								instancePath: instancePath + "/rods/" + i11 + "/name",
																								schemaPath: "#/properties/rods/items/properties/name/maxLength",
																								keyword: "maxLength",
																								params: { limit: 120 },
																								message: "must NOT have more than 120 characters"
																							}];
																							return false;
																						} else if (func2(data131) < 1) {
																							validate20.errors = [{
																								instancePath: instancePath + "/rods/" + i11 + "/name",
																								schemaPath: "#/properties/rods/items/properties/name/minLength",
																								keyword: "minLength",
																								params: { limit: 1 },
																								message: "must NOT have fewer than 1 characters"
																							}];
																							return false;
																						}
																					} else {
																						validate20.errors = [{
																							instancePath: instancePath + "/rods/" + i11 + "/name",
																							schemaPath: "#/properties/rods/items/properties/name/type",
																							keyword: "type",
																							params: { type: "string" },
																							message: "must be string"
																						}];
																						return false;
																					}
																					var valid35 = true;
																				} else var valid35 = true;
																				if (valid35) {
																					if (data129.stock !== void 0) {
																						let data132 = data129.stock;
																						if (typeof data132 !== "string") {
																							validate20.errors = [{
																								instancePath: instancePath + "/rods/" + i11 + "/stock",
																								schemaPath: "#/properties/rods/items/properties/stock/type",
																								keyword: "type",
																								params: { type: "string" },
																								message: "must be string"
																							}];
																							return false;
																						}
																						if (!(data132 === "spaghetti18" || data132 === "cocktail2" || data132 === "skewer3" || data132 === "wire26" || data132 === "wire24" || data132 === "wire22" || data132 === "wire20" || data132 === "wire18" || data132 === "paper4" || data132 === "skewer4" || data132 === "straw12" || data132 === "dowel6" || data132 === "dowel8" || data132 === "hollow16" || data132 === "dowel10" || data132 === "dowel12" || data132 === "armature3" || data132 === "armature6" || data132 === "copper6" || data132 === "copper8" || data132 === "copper10" || data132 === "m6" || data132 === "m8" || data132 === "m10" || data132 === "m12" || data132 === "stainless6" || data132 === "stainless10" || data132 === "stainless12")) {
																							validate20.errors = [{
																								instancePath: instancePath + "/rods/" + i11 + "/stock",
																								schemaPath: "#/properties/rods/items/properties/stock/enum",
																								keyword: "enum",
																								params: { allowedValues: schema31.properties.rods.items.properties.stock.enum },
																								message: "must be equal to one of the allowed values"
																							}];
																							return false;
																						}
																						var valid35 = true;
																					} else var valid35 = true;
																					if (valid35) {
																						if (data129.from !== void 0) {
																							let data133 = data129.from;
																							if (data133 && typeof data133 == "object" && !Array.isArray(data133)) {
																								let missing21;
																								if (data133.on === void 0 && (missing21 = "on") || data133.at === void 0 && (missing21 = "at")) {
																									validate20.errors = [{
																										instancePath: instancePath + "/rods/" + i11 + "/from",
																										schemaPath: "#/properties/rods/items/properties/from/required",
																										keyword: "required",
																										params: { missingProperty: missing21 },
																										message: "must have required property '" + missing21 + "'"
																									}];
																									return false;
																								} else {
																									for (const key25 in data133) if (!(key25 === "on" || key25 === "at")) {
																										validate20.errors = [{
																											instancePath: instancePath + "/rods/" + i11 + "/from",
																											schemaPath: "#/properties/rods/items/properties/from/additionalProperties",
																											keyword: "additionalProperties",
																											params: { additionalProperty: key25 },
																											message: "must NOT have additional properties"
																										}];
																										return false;
																									}
																									if (data133.on !== void 0) {
																										let data134 = data133.on;
																										if (typeof data134 === "string") {
																											if (!pattern5.test(data134)) {
																												validate20.errors = [{
																													instancePath: instancePath + "/rods/" + i11 + "/from/on",
																													schemaPath: "#/properties/rods/items/properties/from/properties/on/pattern",
																													keyword: "pattern",
																													params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																													message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																												}];
																												return false;
																											}
																										} else {
																											validate20.errors = [{
																												instancePath: instancePath + "/rods/" + i11 + "/from/on",
																												schemaPath: "#/properties/rods/items/properties/from/properties/on/type",
																												keyword: "type",
																												params: { type: "string" },
																												message: "must be string"
																											}];
																											return false;
																										}
																										var valid36 = true;
																									} else var valid36 = true;
																									if (valid36) {
																										if (data133.at !== void 0) {
																											let data135 = data133.at;
																											if (Array.isArray(data135)) {
																												if (data135.length > 3) {
																													validate20.errors = [{
																														instancePath: instancePath + "/rods/" + i11 + "/from/at",
																														schemaPath: "#/properties/rods/items/properties/from/properties/at/maxItems",
																														keyword: "maxItems",
																														params: { limit: 3 },
																														message: "must NOT have more than 3 items"
																													}];
																													return false;
																												} else if (data135.length < 3) {
																													validate20.errors = [{
																														instancePath: instancePath + "/rods/" + i11 + "/from/at",
																														schemaPath: "#/properties/rods/items/properties/from/properties/at/minItems",
																														keyword: "minItems",
																														params: { limit: 3 },
																														message: "must NOT have fewer than 3 items"
																													}];
																													return false;
																												} else {
																													const len12 = data135.length;
																													for (let i12 = 0; i12 < len12; i12++) {
																														let data136 = data135[i12];
																														if (typeof data136 == "number" && isFinite(data136)) {
																															if (data136 > 3e3 || isNaN(data136)) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/rods/" + i11 + "/from/at/" + i12,
																																	schemaPath: "#/properties/rods/items/properties/from/properties/at/items/maximum",
																																	keyword: "maximum",
																																	params: {
																																		comparison: "<=",
																																		limit: 3e3
																																	},
																																	message: "must be <= 3000"
																																}];
																																return false;
																															} else if (data136 < -3e3 || isNaN(data136)) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/rods/" + i11 + "/from/at/" + i12,
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
																																instancePath: instancePath + "/rods/" + i11 + "/from/at/" + i12,
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
																													instancePath: instancePath + "/rods/" + i11 + "/from/at",
																													schemaPath: "#/properties/rods/items/properties/from/properties/at/type",
																													keyword: "type",
																													params: { type: "array" },
																													message: "must be array"
																												}];
																												return false;
																											}
																											var valid36 = true;
																										} else var valid36 = true;
																									}
																								}
																							} else {
																								validate20.errors = [{
																									instancePath: instancePath + "/rods/" + i11 + "/from",
																									schemaPath: "#/properties/rods/items/properties/from/type",
																									keyword: "type",
																									params: { type: "object" },
																									message: "must be object"
																								}];
																								return false;
																							}
																							var valid35 = true;
																						} else var valid35 = true;
																						if (valid35) {
																							if (data129.to !== void 0) {
																								let data137 = data129.to;
																								if (data137 && typeof data137 == "object" && !Array.isArray(data137)) {
																									let missing22;
																									if (data137.on === void 0 && (missing22 = "on") || data137.at === void 0 && (missing22 = "at")) {
																										validate20.errors = [{
																											instancePath: instancePath + "/rods/" + i11 + "/to",
																											schemaPath: "#/properties/rods/items/properties/to/required",
																											keyword: "required",
																											params: { missingProperty: missing22 },
																											message: "must have required property '" + missing22 + "'"
																										}];
																										return false;
																									} else {
																										for (const key26 in data137) if (!(key26 === "on" || key26 === "at")) {
																											validate20.errors = [{
																												instancePath: instancePath + "/rods/" + i11 + "/to",
																												schemaPath: "#/properties/rods/items/properties/to/additionalProperties",
																												keyword: "additionalProperties",
																												params: { additionalProperty: key26 },
																												message: "must NOT have additional properties"
																											}];
																											return false;
																										}
																										if (data137.on !== void 0) {
																											let data138 = data137.on;
																											if (typeof data138 === "string") {
																												if (!pattern5.test(data138)) {
																													validate20.errors = [{
																														instancePath: instancePath + "/rods/" + i11 + "/to/on",
																														schemaPath: "#/properties/rods/items/properties/to/properties/on/pattern",
																														keyword: "pattern",
																														params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																														message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																													}];
																													return false;
																												}
																											} else {
																												validate20.errors = [{
																													instancePath: instancePath + "/rods/" + i11 + "/to/on",
																													schemaPath: "#/properties/rods/items/properties/to/properties/on/type",
																													keyword: "type",
																													params: { type: "string" },
																													message: "must be string"
																												}];
																												return false;
																											}
																											var valid38 = true;
																										} else var valid38 = true;
																										if (valid38) {
																											if (data137.at !== void 0) {
																												let data139 = data137.at;
																												if (Array.isArray(data139)) {
																													if (data139.length > 3) {
																														validate20.errors = [{
																															instancePath: instancePath + "/rods/" + i11 + "/to/at",
																															schemaPath: "#/properties/rods/items/properties/to/properties/at/maxItems",
																															keyword: "maxItems",
																															params: { limit: 3 },
																															message: "must NOT have more than 3 items"
																														}];
																														return false;
																													} else if (data139.length < 3) {
																														validate20.errors = [{
																															instancePath: instancePath + "/rods/" + i11 + "/to/at",
																															schemaPath: "#/properties/rods/items/properties/to/properties/at/minItems",
																															keyword: "minItems",
																															params: { limit: 3 },
																															message: "must NOT have fewer than 3 items"
																														}];
																														return false;
																													} else {
																														const len13 = data139.length;
																														for (let i13 = 0; i13 < len13; i13++) {
																															let data140 = data139[i13];
																															if (typeof data140 == "number" && isFinite(data140)) {
																																if (data140 > 3e3 || isNaN(data140)) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/rods/" + i11 + "/to/at/" + i13,
																																		schemaPath: "#/properties/rods/items/properties/to/properties/at/items/maximum",
																																		keyword: "maximum",
																																		params: {
																																			comparison: "<=",
																																			limit: 3e3
																																		},
																																		message: "must be <= 3000"
																																	}];
																																	return false;
																																} else if (data140 < -3e3 || isNaN(data140)) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/rods/" + i11 + "/to/at/" + i13,
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
																																	instancePath: instancePath + "/rods/" + i11 + "/to/at/" + i13,
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
																														instancePath: instancePath + "/rods/" + i11 + "/to/at",
																														schemaPath: "#/properties/rods/items/properties/to/properties/at/type",
																														keyword: "type",
																														params: { type: "array" },
																														message: "must be array"
																													}];
																													return false;
																												}
																												var valid38 = true;
																											} else var valid38 = true;
																										}
																									}
																								} else {
																									validate20.errors = [{
																										instancePath: instancePath + "/rods/" + i11 + "/to",
																										schemaPath: "#/properties/rods/items/properties/to/type",
																										keyword: "type",
																										params: { type: "object" },
																										message: "must be object"
																									}];
																									return false;
																								}
																								var valid35 = true;
																							} else var valid35 = true;
																							if (valid35) {
																								if (data129.bends !== void 0) {
																									let data141 = data129.bends;
																									if (Array.isArray(data141)) {
																										if (data141.length > 12) {
																											validate20.errors = [{
																												instancePath: instancePath + "/rods/" + i11 + "/bends",
																												schemaPath: "#/properties/rods/items/properties/bends/maxItems",
																												keyword: "maxItems",
																												params: { limit: 12 },
																												message: "must NOT have more than 12 items"
																											}];
																											return false;
																										} else if (data141.length < 1) {
																											validate20.errors = [{
																												instancePath: instancePath + "/rods/" + i11 + "/bends",
																												schemaPath: "#/properties/rods/items/properties/bends/minItems",
																												keyword: "minItems",
																												params: { limit: 1 },
																												message: "must NOT have fewer than 1 items"
																											}];
																											return false;
																										} else {
																											const len14 = data141.length;
																											for (let i14 = 0; i14 < len14; i14++) {
																												let data142 = data141[i14];
																												if (data142 && typeof data142 == "object" && !Array.isArray(data142)) {
																													let missing23;
																													if (data142.on === void 0 && (missing23 = "on") || data142.at === void 0 && (missing23 = "at")) {
																														validate20.errors = [{
																															instancePath: instancePath + "/rods/" + i11 + "/bends/" + i14,
																															schemaPath: "#/properties/rods/items/properties/bends/items/required",
																															keyword: "required",
																															params: { missingProperty: missing23 },
																															message: "must have required property '" + missing23 + "'"
																														}];
																														return false;
																													} else {
																														for (const key27 in data142) if (!(key27 === "on" || key27 === "at")) {
																															validate20.errors = [{
																																instancePath: instancePath + "/rods/" + i11 + "/bends/" + i14,
																																schemaPath: "#/properties/rods/items/properties/bends/items/additionalProperties",
																																keyword: "additionalProperties",
																																params: { additionalProperty: key27 },
																																message: "must NOT have additional properties"
																															}];
																															return false;
																														}
																														if (data142.on !== void 0) {
																															let data143 = data142.on;
																															if (typeof data143 === "string") {
																																if (!pattern5.test(data143)) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/rods/" + i11 + "/bends/" + i14 + "/on",
																																		schemaPath: "#/properties/rods/items/properties/bends/items/properties/on/pattern",
																																		keyword: "pattern",
																																		params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																																		message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																																	}];
																																	return false;
																																}
																															} else {
																																validate20.errors = [{
																																	instancePath: instancePath + "/rods/" + i11 + "/bends/" + i14 + "/on",
																																	schemaPath: "#/properties/rods/items/properties/bends/items/properties/on/type",
																																	keyword: "type",
																																	params: { type: "string" },
																																	message: "must be string"
																																}];
																																return false;
																															}
																															var valid41 = true;
																														} else var valid41 = true;
																														if (valid41) {
																															if (data142.at !== void 0) {
																																let data144 = data142.at;
																																if (Array.isArray(data144)) {
																																	if (data144.length > 3) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/rods/" + i11 + "/bends/" + i14 + "/at",
																																			schemaPath: "#/properties/rods/items/properties/bends/items/properties/at/maxItems",
																																			keyword: "maxItems",
																																			params: { limit: 3 },
																																			message: "must NOT have more than 3 items"
																																		}];
																																		return false;
																																	} else if (data144.length < 3) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/rods/" + i11 + "/bends/" + i14 + "/at",
																																			schemaPath: "#/properties/rods/items/properties/bends/items/properties/at/minItems",
																																			keyword: "minItems",
																																			params: { limit: 3 },
																																			message: "must NOT have fewer than 3 items"
																																		}];
																																		return false;
																																	} else {
																																		const len15 = data144.length;
																																		for (let i15 = 0; i15 < len15; i15++) {
																																			let data145 = data144[i15];
																																			if (typeof data145 == "number" && isFinite(data145)) {
																																				if (data145 > 3e3 || isNaN(data145)) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/rods/" + i11 + "/bends/" + i14 + "/at/" + i15,
																																						schemaPath: "#/properties/rods/items/properties/bends/items/properties/at/items/maximum",
																																						keyword: "maximum",
																																						params: {
																																							comparison: "<=",
																																							limit: 3e3
																																						},
																																						message: "must be <= 3000"
																																					}];
																																					return false;
																																				} else if (data145 < -3e3 || isNaN(data145)) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/rods/" + i11 + "/bends/" + i14 + "/at/" + i15,
																																						schemaPath: "#/properties/rods/items/properties/bends/items/properties/at/items/minimum",
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
																																					instancePath: instancePath + "/rods/" + i11 + "/bends/" + i14 + "/at/" + i15,
																																					schemaPath: "#/properties/rods/items/properties/bends/items/properties/at/items/type",
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
																																		instancePath: instancePath + "/rods/" + i11 + "/bends/" + i14 + "/at",
																																		schemaPath: "#/properties/rods/items/properties/bends/items/properties/at/type",
																																		keyword: "type",
																																		params: { type: "array" },
																																		message: "must be array"
																																	}];
																																	return false;
																																}
																																var valid41 = true;
																															} else var valid41 = true;
																														}
																													}
																												} else {
																													validate20.errors = [{
																														instancePath: instancePath + "/rods/" + i11 + "/bends/" + i14,
																														schemaPath: "#/properties/rods/items/properties/bends/items/type",
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
																											instancePath: instancePath + "/rods/" + i11 + "/bends",
																											schemaPath: "#/properties/rods/items/properties/bends/type",
																											keyword: "type",
																											params: { type: "array" },
																											message: "must be array"
																										}];
																										return false;
																									}
																									var valid35 = true;
																								} else var valid35 = true;
																								if (valid35) {
																									if (data129.pair !== void 0) {
																										if (typeof data129.pair !== "boolean") {
																											validate20.errors = [{
																												instancePath: instancePath + "/rods/" + i11 + "/pair",
																												schemaPath: "#/properties/rods/items/properties/pair/type",
																												keyword: "type",
																												params: { type: "boolean" },
																												message: "must be boolean"
																											}];
																											return false;
																										}
																										var valid35 = true;
																									} else var valid35 = true;
																									if (valid35) {
																										if (data129.sleeved !== void 0) {
																											if (typeof data129.sleeved !== "boolean") {
																												validate20.errors = [{
																													instancePath: instancePath + "/rods/" + i11 + "/sleeved",
																													schemaPath: "#/properties/rods/items/properties/sleeved/type",
																													keyword: "type",
																													params: { type: "boolean" },
																													message: "must be boolean"
																												}];
																												return false;
																											}
																											var valid35 = true;
																										} else var valid35 = true;
																										if (valid35) {
																											if (data129.across !== void 0) {
																												let data148 = data129.across;
																												if (typeof data148 == "number" && isFinite(data148)) {
																													if (data148 > 40 || isNaN(data148)) {
																														validate20.errors = [{
																															instancePath: instancePath + "/rods/" + i11 + "/across",
																															schemaPath: "#/properties/rods/items/properties/across/maximum",
																															keyword: "maximum",
																															params: {
																																comparison: "<=",
																																limit: 40
																															},
																															message: "must be <= 40"
																														}];
																														return false;
																													} else if (data148 < .1 || isNaN(data148)) {
																														validate20.errors = [{
																															instancePath: instancePath + "/rods/" + i11 + "/across",
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
																														instancePath: instancePath + "/rods/" + i11 + "/across",
																														schemaPath: "#/properties/rods/items/properties/across/type",
																														keyword: "type",
																														params: { type: "number" },
																														message: "must be number"
																													}];
																													return false;
																												}
																												var valid35 = true;
																											} else var valid35 = true;
																											if (valid35) {
																												if (data129.bundle !== void 0) {
																													let data149 = data129.bundle;
																													if (typeof data149 === "string") {
																														if (func2(data149) > 120) {
																															validate20.errors = [{
																																instancePath: instancePath + "/rods/" + i11 + "/bundle",
																																schemaPath: "#/properties/rods/items/properties/bundle/maxLength",
																																keyword: "maxLength",
																																params: { limit: 120 },
																																message: "must NOT have more than 120 characters"
																															}];
																															return false;
																														} else if (func2(data149) < 1) {
																															validate20.errors = [{
																																instancePath: instancePath + "/rods/" + i11 + "/bundle",
																																schemaPath: "#/properties/rods/items/properties/bundle/minLength",
																																keyword: "minLength",
																																params: { limit: 1 },
																																message: "must NOT have fewer than 1 characters"
																															}];
																															return false;
																														}
																													} else {
																														validate20.errors = [{
																															instancePath: instancePath + "/rods/" + i11 + "/bundle",
																															schemaPath: "#/properties/rods/items/properties/bundle/type",
																															keyword: "type",
																															params: { type: "string" },
																															message: "must be string"
																														}];
																														return false;
																													}
																													var valid35 = true;
																												} else var valid35 = true;
																												if (valid35) {
																													if (data129.shown !== void 0) {
																														if (typeof data129.shown !== "boolean") {
																															validate20.errors = [{
																																instancePath: instancePath + "/rods/" + i11 + "/shown",
																																schemaPath: "#/properties/rods/items/properties/shown/type",
																																keyword: "type",
																																params: { type: "boolean" },
																																message: "must be boolean"
																															}];
																															return false;
																														}
																														var valid35 = true;
																													} else var valid35 = true;
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
																			instancePath: instancePath + "/rods/" + i11,
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
															let data151 = data.hours;
															if (Array.isArray(data151)) {
																if (data151.length > 60) {
																	validate20.errors = [{
																		instancePath: instancePath + "/hours",
																		schemaPath: "#/properties/hours/maxItems",
																		keyword: "maxItems",
																		params: { limit: 60 },
																		message: "must NOT have more than 60 items"
																	}];
																	return false;
																} else if (data151.length < 0) {
																	validate20.errors = [{
																		instancePath: instancePath + "/hours",
																		schemaPath: "#/properties/hours/minItems",
																		keyword: "minItems",
																		params: { limit: 0 },
																		message: "must NOT have fewer than 0 items"
																	}];
																	return false;
																} else {
																	const len16 = data151.length;
																	for (let i16 = 0; i16 < len16; i16++) {
																		let data152 = data151[i16];
																		if (data152 && typeof data152 == "object" && !Array.isArray(data152)) {
																			let missing24;
																			if (data152.day === void 0 && (missing24 = "day") || data152.from === void 0 && (missing24 = "from") || data152.to === void 0 && (missing24 = "to")) {
																				validate20.errors = [{
																					instancePath: instancePath + "/hours/" + i16,
																					schemaPath: "#/properties/hours/items/required",
																					keyword: "required",
																					params: { missingProperty: missing24 },
																					message: "must have required property '" + missing24 + "'"
																				}];
																				return false;
																			} else {
																				for (const key28 in data152) if (!(key28 === "day" || key28 === "from" || key28 === "to" || key28 === "ifNeeded")) {
																					validate20.errors = [{
																						instancePath: instancePath + "/hours/" + i16,
																						schemaPath: "#/properties/hours/items/additionalProperties",
																						keyword: "additionalProperties",
																						params: { additionalProperty: key28 },
																						message: "must NOT have additional properties"
																					}];
																					return false;
																				}
																				if (data152.day !== void 0) {
																					let data153 = data152.day;
																					if (!(typeof data153 == "number" && !(data153 % 1) && !isNaN(data153) && isFinite(data153))) {
																						validate20.errors = [{
																							instancePath: instancePath + "/hours/" + i16 + "/day",
																							schemaPath: "#/properties/hours/items/properties/day/type",
																							keyword: "type",
																							params: { type: "integer" },
																							message: "must be integer"
																						}];
																						return false;
																					}
																					if (typeof data153 == "number" && isFinite(data153)) {
																						if (data153 > 7 || isNaN(data153)) {
																							validate20.errors = [{
																								instancePath: instancePath + "/hours/" + i16 + "/day",
																								schemaPath: "#/properties/hours/items/properties/day/maximum",
																								keyword: "maximum",
																								params: {
																									comparison: "<=",
																									limit: 7
																								},
																								message: "must be <= 7"
																							}];
																							return false;
																						} else if (data153 < 1 || isNaN(data153)) {
																							validate20.errors = [{
																								instancePath: instancePath + "/hours/" + i16 + "/day",
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
																					var valid44 = true;
																				} else var valid44 = true;
																				if (valid44) {
																					if (data152.from !== void 0) {
																						let data154 = data152.from;
																						if (typeof data154 === "string") {
																							if (!pattern19.test(data154)) {
																								validate20.errors = [{
																									instancePath: instancePath + "/hours/" + i16 + "/from",
																									schemaPath: "#/properties/hours/items/properties/from/pattern",
																									keyword: "pattern",
																									params: { pattern: "^([01]\\d|2[0-3]):[0-5]\\d$" },
																									message: "must match pattern \"^([01]\\d|2[0-3]):[0-5]\\d$\""
																								}];
																								return false;
																							}
																						} else {
																							validate20.errors = [{
																								instancePath: instancePath + "/hours/" + i16 + "/from",
																								schemaPath: "#/properties/hours/items/properties/from/type",
																								keyword: "type",
																								params: { type: "string" },
																								message: "must be string"
																							}];
																							return false;
																						}
																						var valid44 = true;
																					} else var valid44 = true;
																					if (valid44) {
																						if (data152.to !== void 0) {
																							let data155 = data152.to;
																							if (typeof data155 === "string") {
																								if (!pattern19.test(data155)) {
																									validate20.errors = [{
																										instancePath: instancePath + "/hours/" + i16 + "/to",
																										schemaPath: "#/properties/hours/items/properties/to/pattern",
																										keyword: "pattern",
																										params: { pattern: "^([01]\\d|2[0-3]):[0-5]\\d$" },
																										message: "must match pattern \"^([01]\\d|2[0-3]):[0-5]\\d$\""
																									}];
																									return false;
																								}
																							} else {
																								validate20.errors = [{
																									instancePath: instancePath + "/hours/" + i16 + "/to",
																									schemaPath: "#/properties/hours/items/properties/to/type",
																									keyword: "type",
																									params: { type: "string" },
																									message: "must be string"
																								}];
																								return false;
																							}
																							var valid44 = true;
																						} else var valid44 = true;
																						if (valid44) {
																							if (data152.ifNeeded !== void 0) {
																								if (typeof data152.ifNeeded !== "boolean") {
																									validate20.errors = [{
																										instancePath: instancePath + "/hours/" + i16 + "/ifNeeded",
																										schemaPath: "#/properties/hours/items/properties/ifNeeded/type",
																										keyword: "type",
																										params: { type: "boolean" },
																										message: "must be boolean"
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
																				instancePath: instancePath + "/hours/" + i16,
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
															if (data.dates !== void 0) {
																let data157 = data.dates;
																if (Array.isArray(data157)) {
																	if (data157.length > 200) {
																		validate20.errors = [{
																			instancePath: instancePath + "/dates",
																			schemaPath: "#/properties/dates/maxItems",
																			keyword: "maxItems",
																			params: { limit: 200 },
																			message: "must NOT have more than 200 items"
																		}];
																		return false;
																	} else if (data157.length < 1) {
																		validate20.errors = [{
																			instancePath: instancePath + "/dates",
																			schemaPath: "#/properties/dates/minItems",
																			keyword: "minItems",
																			params: { limit: 1 },
																			message: "must NOT have fewer than 1 items"
																		}];
																		return false;
																	} else {
																		const len17 = data157.length;
																		for (let i17 = 0; i17 < len17; i17++) {
																			let data158 = data157[i17];
																			if (data158 && typeof data158 == "object" && !Array.isArray(data158)) {
																				let missing25;
																				if (data158.date === void 0 && (missing25 = "date")) {
																					validate20.errors = [{
																						instancePath: instancePath + "/dates/" + i17,
																						schemaPath: "#/properties/dates/items/required",
																						keyword: "required",
																						params: { missingProperty: missing25 },
																						message: "must have required property '" + missing25 + "'"
																					}];
																					return false;
																				} else {
																					for (const key29 in data158) if (!(key29 === "date" || key29 === "from" || key29 === "to")) {
																						validate20.errors = [{
																							instancePath: instancePath + "/dates/" + i17,
																							schemaPath: "#/properties/dates/items/additionalProperties",
																							keyword: "additionalProperties",
																							params: { additionalProperty: key29 },
																							message: "must NOT have additional properties"
																						}];
																						return false;
																					}
																					if (data158.date !== void 0) {
																						let data159 = data158.date;
																						if (typeof data159 === "string") {
																							if (!pattern21.test(data159)) {
																								validate20.errors = [{
																									instancePath: instancePath + "/dates/" + i17 + "/date",
																									schemaPath: "#/properties/dates/items/properties/date/pattern",
																									keyword: "pattern",
																									params: { pattern: "^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$" },
																									message: "must match pattern \"^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$\""
																								}];
																								return false;
																							}
																						} else {
																							validate20.errors = [{
																								instancePath: instancePath + "/dates/" + i17 + "/date",
																								schemaPath: "#/properties/dates/items/properties/date/type",
																								keyword: "type",
																								params: { type: "string" },
																								message: "must be string"
																							}];
																							return false;
																						}
																						var valid46 = true;
																					} else var valid46 = true;
																					if (valid46) {
																						if (data158.from !== void 0) {
																							let data160 = data158.from;
																							if (typeof data160 === "string") {
																								if (!pattern19.test(data160)) {
																									validate20.errors = [{
																										instancePath: instancePath + "/dates/" + i17 + "/from",
																										schemaPath: "#/properties/dates/items/properties/from/pattern",
																										keyword: "pattern",
																										params: { pattern: "^([01]\\d|2[0-3]):[0-5]\\d$" },
																										message: "must match pattern \"^([01]\\d|2[0-3]):[0-5]\\d$\""
																									}];
																									return false;
																								}
																							} else {
																								validate20.errors = [{
																									instancePath: instancePath + "/dates/" + i17 + "/from",
																									schemaPath: "#/properties/dates/items/properties/from/type",
																									keyword: "type",
																									params: { type: "string" },
																									message: "must be string"
																								}];
																								return false;
																							}
																							var valid46 = true;
																						} else var valid46 = true;
																						if (valid46) {
																							if (data158.to !== void 0) {
																								let data161 = data158.to;
																								if (typeof data161 === "string") {
																									if (!pattern19.test(data161)) {
																										validate20.errors = [{
																											instancePath: instancePath + "/dates/" + i17 + "/to",
																											schemaPath: "#/properties/dates/items/properties/to/pattern",
																											keyword: "pattern",
																											params: { pattern: "^([01]\\d|2[0-3]):[0-5]\\d$" },
																											message: "must match pattern \"^([01]\\d|2[0-3]):[0-5]\\d$\""
																										}];
																										return false;
																									}
																								} else {
																									validate20.errors = [{
																										instancePath: instancePath + "/dates/" + i17 + "/to",
																										schemaPath: "#/properties/dates/items/properties/to/type",
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
																			} else {
																				validate20.errors = [{
																					instancePath: instancePath + "/dates/" + i17,
																					schemaPath: "#/properties/dates/items/type",
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
																		instancePath: instancePath + "/dates",
																		schemaPath: "#/properties/dates/type",
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
																	let data162 = data.practice;
																	if (data162 && typeof data162 == "object" && !Array.isArray(data162)) {
																		let missing26;
																		if (data162.spare === void 0 && (missing26 = "spare") || data162.powderBulk === void 0 && (missing26 = "powderBulk") || data162.spoon === void 0 && (missing26 = "spoon") || data162.smallestBatch === void 0 && (missing26 = "smallestBatch") || data162.saves === void 0 && (missing26 = "saves") || data162.pace === void 0 && (missing26 = "pace")) {
																			validate20.errors = [{
																				instancePath: instancePath + "/practice",
																				schemaPath: "#/properties/practice/required",
																				keyword: "required",
																				params: { missingProperty: missing26 },
																				message: "must have required property '" + missing26 + "'"
																			}];
																			return false;
																		} else {
																			for (const key30 in data162) if (!(key30 === "spare" || key30 === "powderBulk" || key30 === "spoon" || key30 === "smallestBatch" || key30 === "saves" || key30 === "pace")) {
																				validate20.errors = [{
																					instancePath: instancePath + "/practice",
																					schemaPath: "#/properties/practice/additionalProperties",
																					keyword: "additionalProperties",
																					params: { additionalProperty: key30 },
																					message: "must NOT have additional properties"
																				}];
																				return false;
																			}
																			if (data162.spare !== void 0) {
																				let data163 = data162.spare;
																				if (typeof data163 == "number" && isFinite(data163)) {
																					if (data163 > 100 || isNaN(data163)) {
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
																					} else if (data163 < 0 || isNaN(data163)) {
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
																				var valid47 = true;
																			} else var valid47 = true;
																			if (valid47) {
																				if (data162.powderBulk !== void 0) {
																					let data164 = data162.powderBulk;
																					if (typeof data164 == "number" && isFinite(data164)) {
																						if (data164 > 1.2 || isNaN(data164)) {
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
																						} else if (data164 < .2 || isNaN(data164)) {
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
																					var valid47 = true;
																				} else var valid47 = true;
																				if (valid47) {
																					if (data162.spoon !== void 0) {
																						let data165 = data162.spoon;
																						if (typeof data165 == "number" && isFinite(data165)) {
																							if (data165 > 25 || isNaN(data165)) {
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
																							} else if (data165 < 1 || isNaN(data165)) {
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
																						var valid47 = true;
																					} else var valid47 = true;
																					if (valid47) {
																						if (data162.smallestBatch !== void 0) {
																							let data166 = data162.smallestBatch;
																							if (typeof data166 == "number" && isFinite(data166)) {
																								if (data166 > 500 || isNaN(data166)) {
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
																								} else if (data166 < 0 || isNaN(data166)) {
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
																							var valid47 = true;
																						} else var valid47 = true;
																						if (valid47) {
																							if (data162.saves !== void 0) {
																								if (typeof data162.saves !== "boolean") {
																									validate20.errors = [{
																										instancePath: instancePath + "/practice/saves",
																										schemaPath: "#/properties/practice/properties/saves/type",
																										keyword: "type",
																										params: { type: "boolean" },
																										message: "must be boolean"
																									}];
																									return false;
																								}
																								var valid47 = true;
																							} else var valid47 = true;
																							if (valid47) {
																								if (data162.pace !== void 0) {
																									let data168 = data162.pace;
																									if (typeof data168 == "number" && isFinite(data168)) {
																										if (data168 > 4 || isNaN(data168)) {
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
																										} else if (data168 < .3 || isNaN(data168)) {
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
																									var valid47 = true;
																								} else var valid47 = true;
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
																	if (data.workshop !== void 0) {
																		let data169 = data.workshop;
																		if (data169 && typeof data169 == "object" && !Array.isArray(data169)) {
																			let missing27;
																			if (data169.helpers === void 0 && (missing27 = "helpers") || data169.tools === void 0 && (missing27 = "tools") || data169.space === void 0 && (missing27 = "space")) {
																				validate20.errors = [{
																					instancePath: instancePath + "/workshop",
																					schemaPath: "#/properties/workshop/required",
																					keyword: "required",
																					params: { missingProperty: missing27 },
																					message: "must have required property '" + missing27 + "'"
																				}];
																				return false;
																			} else {
																				for (const key31 in data169) if (!(key31 === "helpers" || key31 === "tools" || key31 === "space" || key31 === "paces")) {
																					validate20.errors = [{
																						instancePath: instancePath + "/workshop",
																						schemaPath: "#/properties/workshop/additionalProperties",
																						keyword: "additionalProperties",
																						params: { additionalProperty: key31 },
																						message: "must NOT have additional properties"
																					}];
																					return false;
																				}
																				if (data169.helpers !== void 0) {
																					let data170 = data169.helpers;
																					if (Array.isArray(data170)) {
																						if (data170.length > 8) {
																							validate20.errors = [{
																								instancePath: instancePath + "/workshop/helpers",
																								schemaPath: "#/properties/workshop/properties/helpers/maxItems",
																								keyword: "maxItems",
																								params: { limit: 8 },
																								message: "must NOT have more than 8 items"
																							}];
																							return false;
																						} else if (data170.length < 0) {
																							validate20.errors = [{
																								instancePath: instancePath + "/workshop/helpers",
																								schemaPath: "#/properties/workshop/properties/helpers/minItems",
																								keyword: "minItems",
																								params: { limit: 0 },
																								message: "must NOT have fewer than 0 items"
																							}];
																							return false;
																						} else {
																							const len18 = data170.length;
																							for (let i18 = 0; i18 < len18; i18++) {
																								let data171 = data170[i18];
																								if (data171 && typeof data171 == "object" && !Array.isArray(data171)) {
																									let missing28;
																									if (data171.id === void 0 && (missing28 = "id") || data171.name === void 0 && (missing28 = "name") || data171.hours === void 0 && (missing28 = "hours") || data171.pace === void 0 && (missing28 = "pace")) {
																										validate20.errors = [{
																											instancePath: instancePath + "/workshop/helpers/" + i18,
																											schemaPath: "#/properties/workshop/properties/helpers/items/required",
																											keyword: "required",
																											params: { missingProperty: missing28 },
																											message: "must have required property '" + missing28 + "'"
																										}];
																										return false;
																									} else {
																										for (const key32 in data171) if (!(key32 === "id" || key32 === "name" || key32 === "hours" || key32 === "pace" || key32 === "does")) {
																											validate20.errors = [{
																												instancePath: instancePath + "/workshop/helpers/" + i18,
																												schemaPath: "#/properties/workshop/properties/helpers/items/additionalProperties",
																												keyword: "additionalProperties",
																												params: { additionalProperty: key32 },
																												message: "must NOT have additional properties"
																											}];
																											return false;
																										}
																										if (data171.id !== void 0) {
																											let data172 = data171.id;
																											if (typeof data172 === "string") {
																												if (!pattern5.test(data172)) {
																													validate20.errors = [{
																														instancePath: instancePath + "/workshop/helpers/" + i18 + "/id",
																														schemaPath: "#/properties/workshop/properties/helpers/items/properties/id/pattern",
																														keyword: "pattern",
																														params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																														message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																													}];
																													return false;
																												}
																											} else {
																												validate20.errors = [{
																													instancePath: instancePath + "/workshop/helpers/" + i18 + "/id",
																													schemaPath: "#/properties/workshop/properties/helpers/items/properties/id/type",
																													keyword: "type",
																													params: { type: "string" },
																													message: "must be string"
																												}];
																												return false;
																											}
																											var valid50 = true;
																										} else var valid50 = true;
																										if (valid50) {
																											if (data171.name !== void 0) {
																												let data173 = data171.name;
																												if (typeof data173 === "string") {
																													if (func2(data173) > 120) {
																														validate20.errors = [{
																															instancePath: instancePath + "/workshop/helpers/" + i18 + "/name",
																															schemaPath: "#/properties/workshop/properties/helpers/items/properties/name/maxLength",
																															keyword: "maxLength",
																															params: { limit: 120 },
																															message: "must NOT have more than 120 characters"
																														}];
																														return false;
																													} else if (func2(data173) < 1) {
																														validate20.errors = [{
																															instancePath: instancePath + "/workshop/helpers/" + i18 + "/name",
																															schemaPath: "#/properties/workshop/properties/helpers/items/properties/name/minLength",
																															keyword: "minLength",
																															params: { limit: 1 },
																															message: "must NOT have fewer than 1 characters"
																														}];
																														return false;
																													}
																												} else {
																													validate20.errors = [{
																														instancePath: instancePath + "/workshop/helpers/" + i18 + "/name",
																														schemaPath: "#/properties/workshop/properties/helpers/items/properties/name/type",
																														keyword: "type",
																														params: { type: "string" },
																														message: "must be string"
																													}];
																													return false;
																												}
																												var valid50 = true;
																											} else var valid50 = true;
																											if (valid50) {
																												if (data171.hours !== void 0) {
																													let data174 = data171.hours;
																													if (Array.isArray(data174)) {
																														if (data174.length > 60) {
																															validate20.errors = [{
																																instancePath: instancePath + "/workshop/helpers/" + i18 + "/hours",
																																schemaPath: "#/properties/workshop/properties/helpers/items/properties/hours/maxItems",
																																keyword: "maxItems",
																																params: { limit: 60 },
																																message: "must NOT have more than 60 items"
																															}];
																															return false;
																														} else if (data174.length < 0) {
																															validate20.errors = [{
																																instancePath: instancePath + "/workshop/helpers/" + i18 + "/hours",
																																schemaPath: "#/properties/workshop/properties/helpers/items/properties/hours/minItems",
																																keyword: "minItems",
																																params: { limit: 0 },
																																message: "must NOT have fewer than 0 items"
																															}];
																															return false;
																														} else {
																															const len19 = data174.length;
																															for (let i19 = 0; i19 < len19; i19++) {
																																let data175 = data174[i19];
																																if (data175 && typeof data175 == "object" && !Array.isArray(data175)) {
																																	let missing29;
																																	if (data175.day === void 0 && (missing29 = "day") || data175.from === void 0 && (missing29 = "from") || data175.to === void 0 && (missing29 = "to")) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/workshop/helpers/" + i18 + "/hours/" + i19,
																																			schemaPath: "#/properties/workshop/properties/helpers/items/properties/hours/items/required",
																																			keyword: "required",
																																			params: { missingProperty: missing29 },
																																			message: "must have required property '" + missing29 + "'"
																																		}];
																																		return false;
																																	} else {
																																		for (const key33 in data175) if (!(key33 === "day" || key33 === "from" || key33 === "to" || key33 === "ifNeeded")) {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/workshop/helpers/" + i18 + "/hours/" + i19,
																																				schemaPath: "#/properties/workshop/properties/helpers/items/properties/hours/items/additionalProperties",
																																				keyword: "additionalProperties",
																																				params: { additionalProperty: key33 },
																																				message: "must NOT have additional properties"
																																			}];
																																			return false;
																																		}
																																		if (data175.day !== void 0) {
																																			let data176 = data175.day;
																																			if (!(typeof data176 == "number" && !(data176 % 1) && !isNaN(data176) && isFinite(data176))) {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/workshop/helpers/" + i18 + "/hours/" + i19 + "/day",
																																					schemaPath: "#/properties/workshop/properties/helpers/items/properties/hours/items/properties/day/type",
																																					keyword: "type",
																																					params: { type: "integer" },
																																					message: "must be integer"
																																				}];
																																				return false;
																																			}
																																			if (typeof data176 == "number" && isFinite(data176)) {
																																				if (data176 > 7 || isNaN(data176)) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/workshop/helpers/" + i18 + "/hours/" + i19 + "/day",
																																						schemaPath: "#/properties/workshop/properties/helpers/items/properties/hours/items/properties/day/maximum",
																																						keyword: "maximum",
																																						params: {
																																							comparison: "<=",
																																							limit: 7
																																						},
																																						message: "must be <= 7"
																																					}];
																																					return false;
																																				} else if (data176 < 1 || isNaN(data176)) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/workshop/helpers/" + i18 + "/hours/" + i19 + "/day",
																																						schemaPath: "#/properties/workshop/properties/helpers/items/properties/hours/items/properties/day/minimum",
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
																																			var valid52 = true;
																																		} else var valid52 = true;
																																		if (valid52) {
																																			if (data175.from !== void 0) {
																																				let data177 = data175.from;
																																				if (typeof data177 === "string") {
																																					if (!pattern19.test(data177)) {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/workshop/helpers/" + i18 + "/hours/" + i19 + "/from",
																																							schemaPath: "#/properties/workshop/properties/helpers/items/properties/hours/items/properties/from/pattern",
																																							keyword: "pattern",
																																							params: { pattern: "^([01]\\d|2[0-3]):[0-5]\\d$" },
																																							message: "must match pattern \"^([01]\\d|2[0-3]):[0-5]\\d$\""
																																						}];
																																						return false;
																																					}
																																				} else {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/workshop/helpers/" + i18 + "/hours/" + i19 + "/from",
																																						schemaPath: "#/properties/workshop/properties/helpers/items/properties/hours/items/properties/from/type",
																																						keyword: "type",
																																						params: { type: "string" },
																																						message: "must be string"
																																					}];
																																					return false;
																																				}
																																				var valid52 = true;
																																			} else var valid52 = true;
																																			if (valid52) {
																																				if (data175.to !== void 0) {
																																					let data178 = data175.to;
																																					if (typeof data178 === "string") {
																																						if (!pattern19.test(data178)) {
																																							validate20.errors = [{
																																								instancePath: instancePath + "/workshop/helpers/" + i18 + "/hours/" + i19 + "/to",
																																								schemaPath: "#/properties/workshop/properties/helpers/items/properties/hours/items/properties/to/pattern",
																																								keyword: "pattern",
																																								params: { pattern: "^([01]\\d|2[0-3]):[0-5]\\d$" },
																																								message: "must match pattern \"^([01]\\d|2[0-3]):[0-5]\\d$\""
																																							}];
																																							return false;
																																						}
																																					} else {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/workshop/helpers/" + i18 + "/hours/" + i19 + "/to",
																																							schemaPath: "#/properties/workshop/properties/helpers/items/properties/hours/items/properties/to/type",
																																							keyword: "type",
																																							params: { type: "string" },
																																							message: "must be string"
																																						}];
																																						return false;
																																					}
																																					var valid52 = true;
																																				} else var valid52 = true;
																																				if (valid52) {
																																					if (data175.ifNeeded !== void 0) {
																																						if (typeof data175.ifNeeded !== "boolean") {
																																							validate20.errors = [{
																																								instancePath: instancePath + "/workshop/helpers/" + i18 + "/hours/" + i19 + "/ifNeeded",
																																								schemaPath: "#/properties/workshop/properties/helpers/items/properties/hours/items/properties/ifNeeded/type",
																																								keyword: "type",
																																								params: { type: "boolean" },
																																								message: "must be boolean"
																																							}];
																																							return false;
																																						}
																																						var valid52 = true;
																																					} else var valid52 = true;
																																				}
																																			}
																																		}
																																	}
																																} else {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/workshop/helpers/" + i18 + "/hours/" + i19,
																																		schemaPath: "#/properties/workshop/properties/helpers/items/properties/hours/items/type",
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
																															instancePath: instancePath + "/workshop/helpers/" + i18 + "/hours",
																															schemaPath: "#/properties/workshop/properties/helpers/items/properties/hours/type",
																															keyword: "type",
																															params: { type: "array" },
																															message: "must be array"
																														}];
																														return false;
																													}
																													var valid50 = true;
																												} else var valid50 = true;
																												if (valid50) {
																													if (data171.pace !== void 0) {
																														let data180 = data171.pace;
																														if (typeof data180 == "number" && isFinite(data180)) {
																															if (data180 > 4 || isNaN(data180)) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/workshop/helpers/" + i18 + "/pace",
																																	schemaPath: "#/properties/workshop/properties/helpers/items/properties/pace/maximum",
																																	keyword: "maximum",
																																	params: {
																																		comparison: "<=",
																																		limit: 4
																																	},
																																	message: "must be <= 4"
																																}];
																																return false;
																															} else if (data180 < .3 || isNaN(data180)) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/workshop/helpers/" + i18 + "/pace",
																																	schemaPath: "#/properties/workshop/properties/helpers/items/properties/pace/minimum",
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
																																instancePath: instancePath + "/workshop/helpers/" + i18 + "/pace",
																																schemaPath: "#/properties/workshop/properties/helpers/items/properties/pace/type",
																																keyword: "type",
																																params: { type: "number" },
																																message: "must be number"
																															}];
																															return false;
																														}
																														var valid50 = true;
																													} else var valid50 = true;
																													if (valid50) {
																														if (data171.does !== void 0) {
																															let data181 = data171.does;
																															if (Array.isArray(data181)) {
																																if (data181.length > 11) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/workshop/helpers/" + i18 + "/does",
																																		schemaPath: "#/properties/workshop/properties/helpers/items/properties/does/maxItems",
																																		keyword: "maxItems",
																																		params: { limit: 11 },
																																		message: "must NOT have more than 11 items"
																																	}];
																																	return false;
																																} else if (data181.length < 0) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/workshop/helpers/" + i18 + "/does",
																																		schemaPath: "#/properties/workshop/properties/helpers/items/properties/does/minItems",
																																		keyword: "minItems",
																																		params: { limit: 0 },
																																		message: "must NOT have fewer than 0 items"
																																	}];
																																	return false;
																																} else {
																																	const len20 = data181.length;
																																	for (let i20 = 0; i20 < len20; i20++) {
																																		let data182 = data181[i20];
																																		if (typeof data182 !== "string") {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/workshop/helpers/" + i18 + "/does/" + i20,
																																				schemaPath: "#/properties/workshop/properties/helpers/items/properties/does/items/type",
																																				keyword: "type",
																																				params: { type: "string" },
																																				message: "must be string"
																																			}];
																																			return false;
																																		}
																																		if (!(data182 === "glue" || data182 === "bake" || data182 === "cake" || data182 === "mix" || data182 === "cover" || data182 === "bones" || data182 === "shape" || data182 === "texture" || data182 === "join" || data182 === "finish" || data182 === "pack")) {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/workshop/helpers/" + i18 + "/does/" + i20,
																																				schemaPath: "#/properties/workshop/properties/helpers/items/properties/does/items/enum",
																																				keyword: "enum",
																																				params: { allowedValues: schema31.properties.workshop.properties.helpers.items.properties.does.items.enum },
																																				message: "must be equal to one of the allowed values"
																																			}];
																																			return false;
																																		}
																																	}
																																}
																															} else {
																																validate20.errors = [{
																																	instancePath: instancePath + "/workshop/helpers/" + i18 + "/does",
																																	schemaPath: "#/properties/workshop/properties/helpers/items/properties/does/type",
																																	keyword: "type",
																																	params: { type: "array" },
																																	message: "must be array"
																																}];
																																return false;
																															}
																															var valid50 = true;
																														} else var valid50 = true;
																													}
																												}
																											}
																										}
																									}
																								} else {
																									validate20.errors = [{
																										instancePath: instancePath + "/workshop/helpers/" + i18,
																										schemaPath: "#/properties/workshop/properties/helpers/items/type",
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
																							instancePath: instancePath + "/workshop/helpers",
																							schemaPath: "#/properties/workshop/properties/helpers/type",
																							keyword: "type",
																							params: { type: "array" },
																							message: "must be array"
																						}];
																						return false;
																					}
																					var valid48 = true;
																				} else var valid48 = true;
																				if (valid48) {
																					if (data169.tools !== void 0) {
																						let data183 = data169.tools;
																						if (data183 && typeof data183 == "object" && !Array.isArray(data183)) {
																							for (const key34 in data183) if (!(key34 === "oven" || key34 === "turntable" || key34 === "airbrush")) {
																								validate20.errors = [{
																									instancePath: instancePath + "/workshop/tools",
																									schemaPath: "#/properties/workshop/properties/tools/additionalProperties",
																									keyword: "additionalProperties",
																									params: { additionalProperty: key34 },
																									message: "must NOT have additional properties"
																								}];
																								return false;
																							}
																							if (data183.oven !== void 0) {
																								let data184 = data183.oven;
																								if (!(typeof data184 == "number" && !(data184 % 1) && !isNaN(data184) && isFinite(data184))) {
																									validate20.errors = [{
																										instancePath: instancePath + "/workshop/tools/oven",
																										schemaPath: "#/properties/workshop/properties/tools/properties/oven/type",
																										keyword: "type",
																										params: { type: "integer" },
																										message: "must be integer"
																									}];
																									return false;
																								}
																								if (typeof data184 == "number" && isFinite(data184)) {
																									if (data184 > 20 || isNaN(data184)) {
																										validate20.errors = [{
																											instancePath: instancePath + "/workshop/tools/oven",
																											schemaPath: "#/properties/workshop/properties/tools/properties/oven/maximum",
																											keyword: "maximum",
																											params: {
																												comparison: "<=",
																												limit: 20
																											},
																											message: "must be <= 20"
																										}];
																										return false;
																									} else if (data184 < 0 || isNaN(data184)) {
																										validate20.errors = [{
																											instancePath: instancePath + "/workshop/tools/oven",
																											schemaPath: "#/properties/workshop/properties/tools/properties/oven/minimum",
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
																								var valid54 = true;
																							} else var valid54 = true;
																							if (valid54) {
																								if (data183.turntable !== void 0) {
																									let data185 = data183.turntable;
																									if (!(typeof data185 == "number" && !(data185 % 1) && !isNaN(data185) && isFinite(data185))) {
																										validate20.errors = [{
																											instancePath: instancePath + "/workshop/tools/turntable",
																											schemaPath: "#/properties/workshop/properties/tools/properties/turntable/type",
																											keyword: "type",
																											params: { type: "integer" },
																											message: "must be integer"
																										}];
																										return false;
																									}
																									if (typeof data185 == "number" && isFinite(data185)) {
																										if (data185 > 20 || isNaN(data185)) {
																											validate20.errors = [{
																												instancePath: instancePath + "/workshop/tools/turntable",
																												schemaPath: "#/properties/workshop/properties/tools/properties/turntable/maximum",
																												keyword: "maximum",
																												params: {
																													comparison: "<=",
																													limit: 20
																												},
																												message: "must be <= 20"
																											}];
																											return false;
																										} else if (data185 < 0 || isNaN(data185)) {
																											validate20.errors = [{
																												instancePath: instancePath + "/workshop/tools/turntable",
																												schemaPath: "#/properties/workshop/properties/tools/properties/turntable/minimum",
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
																									var valid54 = true;
																								} else var valid54 = true;
																								if (valid54) {
																									if (data183.airbrush !== void 0) {
																										let data186 = data183.airbrush;
																										if (!(typeof data186 == "number" && !(data186 % 1) && !isNaN(data186) && isFinite(data186))) {
																											validate20.errors = [{
																												instancePath: instancePath + "/workshop/tools/airbrush",
																												schemaPath: "#/properties/workshop/properties/tools/properties/airbrush/type",
																												keyword: "type",
																												params: { type: "integer" },
																												message: "must be integer"
																											}];
																											return false;
																										}
																										if (typeof data186 == "number" && isFinite(data186)) {
																											if (data186 > 20 || isNaN(data186)) {
																												validate20.errors = [{
																													instancePath: instancePath + "/workshop/tools/airbrush",
																													schemaPath: "#/properties/workshop/properties/tools/properties/airbrush/maximum",
																													keyword: "maximum",
																													params: {
																														comparison: "<=",
																														limit: 20
																													},
																													message: "must be <= 20"
																												}];
																												return false;
																											} else if (data186 < 0 || isNaN(data186)) {
																												validate20.errors = [{
																													instancePath: instancePath + "/workshop/tools/airbrush",
																													schemaPath: "#/properties/workshop/properties/tools/properties/airbrush/minimum",
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
																										var valid54 = true;
																									} else var valid54 = true;
																								}
																							}
																						} else {
																							validate20.errors = [{
																								instancePath: instancePath + "/workshop/tools",
																								schemaPath: "#/properties/workshop/properties/tools/type",
																								keyword: "type",
																								params: { type: "object" },
																								message: "must be object"
																							}];
																							return false;
																						}
																						var valid48 = true;
																					} else var valid48 = true;
																					if (valid48) {
																						if (data169.space !== void 0) {
																							let data187 = data169.space;
																							if (data187 && typeof data187 == "object" && !Array.isArray(data187)) {
																								for (const key35 in data187) if (!(key35 === "rack" || key35 === "fridge" || key35 === "freezer" || key35 === "box")) {
																									validate20.errors = [{
																										instancePath: instancePath + "/workshop/space",
																										schemaPath: "#/properties/workshop/properties/space/additionalProperties",
																										keyword: "additionalProperties",
																										params: { additionalProperty: key35 },
																										message: "must NOT have additional properties"
																									}];
																									return false;
																								}
																								if (data187.rack !== void 0) {
																									let data188 = data187.rack;
																									if (typeof data188 == "number" && isFinite(data188)) {
																										if (data188 > 1e5 || isNaN(data188)) {
																											validate20.errors = [{
																												instancePath: instancePath + "/workshop/space/rack",
																												schemaPath: "#/properties/workshop/properties/space/properties/rack/maximum",
																												keyword: "maximum",
																												params: {
																													comparison: "<=",
																													limit: 1e5
																												},
																												message: "must be <= 100000"
																											}];
																											return false;
																										} else if (data188 < 0 || isNaN(data188)) {
																											validate20.errors = [{
																												instancePath: instancePath + "/workshop/space/rack",
																												schemaPath: "#/properties/workshop/properties/space/properties/rack/minimum",
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
																											instancePath: instancePath + "/workshop/space/rack",
																											schemaPath: "#/properties/workshop/properties/space/properties/rack/type",
																											keyword: "type",
																											params: { type: "number" },
																											message: "must be number"
																										}];
																										return false;
																									}
																									var valid55 = true;
																								} else var valid55 = true;
																								if (valid55) {
																									if (data187.fridge !== void 0) {
																										let data189 = data187.fridge;
																										if (typeof data189 == "number" && isFinite(data189)) {
																											if (data189 > 1e5 || isNaN(data189)) {
																												validate20.errors = [{
																													instancePath: instancePath + "/workshop/space/fridge",
																													schemaPath: "#/properties/workshop/properties/space/properties/fridge/maximum",
																													keyword: "maximum",
																													params: {
																														comparison: "<=",
																														limit: 1e5
																													},
																													message: "must be <= 100000"
																												}];
																												return false;
																											} else if (data189 < 0 || isNaN(data189)) {
																												validate20.errors = [{
																													instancePath: instancePath + "/workshop/space/fridge",
																													schemaPath: "#/properties/workshop/properties/space/properties/fridge/minimum",
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
																												instancePath: instancePath + "/workshop/space/fridge",
																												schemaPath: "#/properties/workshop/properties/space/properties/fridge/type",
																												keyword: "type",
																												params: { type: "number" },
																												message: "must be number"
																											}];
																											return false;
																										}
																										var valid55 = true;
																									} else var valid55 = true;
																									if (valid55) {
																										if (data187.freezer !== void 0) {
																											let data190 = data187.freezer;
																											if (typeof data190 == "number" && isFinite(data190)) {
																												if (data190 > 1e5 || isNaN(data190)) {
																													validate20.errors = [{
																														instancePath: instancePath + "/workshop/space/freezer",
																														schemaPath: "#/properties/workshop/properties/space/properties/freezer/maximum",
																														keyword: "maximum",
																														params: {
																															comparison: "<=",
																															limit: 1e5
																														},
																														message: "must be <= 100000"
																													}];
																													return false;
																												} else if (data190 < 0 || isNaN(data190)) {
																													validate20.errors = [{
																														instancePath: instancePath + "/workshop/space/freezer",
																														schemaPath: "#/properties/workshop/properties/space/properties/freezer/minimum",
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
																													instancePath: instancePath + "/workshop/space/freezer",
																													schemaPath: "#/properties/workshop/properties/space/properties/freezer/type",
																													keyword: "type",
																													params: { type: "number" },
																													message: "must be number"
																												}];
																												return false;
																											}
																											var valid55 = true;
																										} else var valid55 = true;
																										if (valid55) {
																											if (data187.box !== void 0) {
																												let data191 = data187.box;
																												if (typeof data191 == "number" && isFinite(data191)) {
																													if (data191 > 1e5 || isNaN(data191)) {
																														validate20.errors = [{
																															instancePath: instancePath + "/workshop/space/box",
																															schemaPath: "#/properties/workshop/properties/space/properties/box/maximum",
																															keyword: "maximum",
																															params: {
																																comparison: "<=",
																																limit: 1e5
																															},
																															message: "must be <= 100000"
																														}];
																														return false;
																													} else if (data191 < 0 || isNaN(data191)) {
																														validate20.errors = [{
																															instancePath: instancePath + "/workshop/space/box",
																															schemaPath: "#/properties/workshop/properties/space/properties/box/minimum",
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
																														instancePath: instancePath + "/workshop/space/box",
																														schemaPath: "#/properties/workshop/properties/space/properties/box/type",
																														keyword: "type",
																														params: { type: "number" },
																														message: "must be number"
																													}];
																													return false;
																												}
																												var valid55 = true;
																											} else var valid55 = true;
																										}
																									}
																								}
																							} else {
																								validate20.errors = [{
																									instancePath: instancePath + "/workshop/space",
																									schemaPath: "#/properties/workshop/properties/space/type",
																									keyword: "type",
																									params: { type: "object" },
																									message: "must be object"
																								}];
																								return false;
																							}
																							var valid48 = true;
																						} else var valid48 = true;
																						if (valid48) {
																							if (data169.paces !== void 0) {
																								let data192 = data169.paces;
																								if (data192 && typeof data192 == "object" && !Array.isArray(data192)) {
																									for (const key36 in data192) if (!func1.call(schema31.properties.workshop.properties.paces.properties, key36)) {
																										validate20.errors = [{
																											instancePath: instancePath + "/workshop/paces",
																											schemaPath: "#/properties/workshop/properties/paces/additionalProperties",
																											keyword: "additionalProperties",
																											params: { additionalProperty: key36 },
																											message: "must NOT have additional properties"
																										}];
																										return false;
																									}
																									if (data192.glue !== void 0) {
																										let data193 = data192.glue;
																										if (typeof data193 == "number" && isFinite(data193)) {
																											if (data193 > 5 || isNaN(data193)) {
																												validate20.errors = [{
																													instancePath: instancePath + "/workshop/paces/glue",
																													schemaPath: "#/properties/workshop/properties/paces/properties/glue/maximum",
																													keyword: "maximum",
																													params: {
																														comparison: "<=",
																														limit: 5
																													},
																													message: "must be <= 5"
																												}];
																												return false;
																											} else if (data193 < .2 || isNaN(data193)) {
																												validate20.errors = [{
																													instancePath: instancePath + "/workshop/paces/glue",
																													schemaPath: "#/properties/workshop/properties/paces/properties/glue/minimum",
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
																												instancePath: instancePath + "/workshop/paces/glue",
																												schemaPath: "#/properties/workshop/properties/paces/properties/glue/type",
																												keyword: "type",
																												params: { type: "number" },
																												message: "must be number"
																											}];
																											return false;
																										}
																										var valid56 = true;
																									} else var valid56 = true;
																									if (valid56) {
																										if (data192.bake !== void 0) {
																											let data194 = data192.bake;
																											if (typeof data194 == "number" && isFinite(data194)) {
																												if (data194 > 5 || isNaN(data194)) {
																													validate20.errors = [{
																														instancePath: instancePath + "/workshop/paces/bake",
																														schemaPath: "#/properties/workshop/properties/paces/properties/bake/maximum",
																														keyword: "maximum",
																														params: {
																															comparison: "<=",
																															limit: 5
																														},
																														message: "must be <= 5"
																													}];
																													return false;
																												} else if (data194 < .2 || isNaN(data194)) {
																													validate20.errors = [{
																														instancePath: instancePath + "/workshop/paces/bake",
																														schemaPath: "#/properties/workshop/properties/paces/properties/bake/minimum",
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
																													instancePath: instancePath + "/workshop/paces/bake",
																													schemaPath: "#/properties/workshop/properties/paces/properties/bake/type",
																													keyword: "type",
																													params: { type: "number" },
																													message: "must be number"
																												}];
																												return false;
																											}
																											var valid56 = true;
																										} else var valid56 = true;
																										if (valid56) {
																											if (data192.cake !== void 0) {
																												let data195 = data192.cake;
																												if (typeof data195 == "number" && isFinite(data195)) {
																													if (data195 > 5 || isNaN(data195)) {
																														validate20.errors = [{
																															instancePath: instancePath + "/workshop/paces/cake",
																															schemaPath: "#/properties/workshop/properties/paces/properties/cake/maximum",
																															keyword: "maximum",
																															params: {
																																comparison: "<=",
																																limit: 5
																															},
																															message: "must be <= 5"
																														}];
																														return false;
																													} else if (data195 < .2 || isNaN(data195)) {
																														validate20.errors = [{
																															instancePath: instancePath + "/workshop/paces/cake",
																															schemaPath: "#/properties/workshop/properties/paces/properties/cake/minimum",
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
																														instancePath: instancePath + "/workshop/paces/cake",
																														schemaPath: "#/properties/workshop/properties/paces/properties/cake/type",
																														keyword: "type",
																														params: { type: "number" },
																														message: "must be number"
																													}];
																													return false;
																												}
																												var valid56 = true;
																											} else var valid56 = true;
																											if (valid56) {
																												if (data192.mix !== void 0) {
																													let data196 = data192.mix;
																													if (typeof data196 == "number" && isFinite(data196)) {
																														if (data196 > 5 || isNaN(data196)) {
																															validate20.errors = [{
																																instancePath: instancePath + "/workshop/paces/mix",
																																schemaPath: "#/properties/workshop/properties/paces/properties/mix/maximum",
																																keyword: "maximum",
																																params: {
																																	comparison: "<=",
																																	limit: 5
																																},
																																message: "must be <= 5"
																															}];
																															return false;
																														} else if (data196 < .2 || isNaN(data196)) {
																															validate20.errors = [{
																																instancePath: instancePath + "/workshop/paces/mix",
																																schemaPath: "#/properties/workshop/properties/paces/properties/mix/minimum",
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
																															instancePath: instancePath + "/workshop/paces/mix",
																															schemaPath: "#/properties/workshop/properties/paces/properties/mix/type",
																															keyword: "type",
																															params: { type: "number" },
																															message: "must be number"
																														}];
																														return false;
																													}
																													var valid56 = true;
																												} else var valid56 = true;
																												if (valid56) {
																													if (data192.cover !== void 0) {
																														let data197 = data192.cover;
																														if (typeof data197 == "number" && isFinite(data197)) {
																															if (data197 > 5 || isNaN(data197)) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/workshop/paces/cover",
																																	schemaPath: "#/properties/workshop/properties/paces/properties/cover/maximum",
																																	keyword: "maximum",
																																	params: {
																																		comparison: "<=",
																																		limit: 5
																																	},
																																	message: "must be <= 5"
																																}];
																																return false;
																															} else if (data197 < .2 || isNaN(data197)) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/workshop/paces/cover",
																																	schemaPath: "#/properties/workshop/properties/paces/properties/cover/minimum",
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
																																instancePath: instancePath + "/workshop/paces/cover",
																																schemaPath: "#/properties/workshop/properties/paces/properties/cover/type",
																																keyword: "type",
																																params: { type: "number" },
																																message: "must be number"
																															}];
																															return false;
																														}
																														var valid56 = true;
																													} else var valid56 = true;
																													if (valid56) {
																														if (data192.bones !== void 0) {
																															let data198 = data192.bones;
																															if (typeof data198 == "number" && isFinite(data198)) {
																																if (data198 > 5 || isNaN(data198)) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/workshop/paces/bones",
																																		schemaPath: "#/properties/workshop/properties/paces/properties/bones/maximum",
																																		keyword: "maximum",
																																		params: {
																																			comparison: "<=",
																																			limit: 5
																																		},
																																		message: "must be <= 5"
																																	}];
																																	return false;
																																} else if (data198 < .2 || isNaN(data198)) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/workshop/paces/bones",
																																		schemaPath: "#/properties/workshop/properties/paces/properties/bones/minimum",
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
																																	instancePath: instancePath + "/workshop/paces/bones",
																																	schemaPath: "#/properties/workshop/properties/paces/properties/bones/type",
																																	keyword: "type",
																																	params: { type: "number" },
																																	message: "must be number"
																																}];
																																return false;
																															}
																															var valid56 = true;
																														} else var valid56 = true;
																														if (valid56) {
																															if (data192.shape !== void 0) {
																																let data199 = data192.shape;
																																if (typeof data199 == "number" && isFinite(data199)) {
																																	if (data199 > 5 || isNaN(data199)) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/workshop/paces/shape",
																																			schemaPath: "#/properties/workshop/properties/paces/properties/shape/maximum",
																																			keyword: "maximum",
																																			params: {
																																				comparison: "<=",
																																				limit: 5
																																			},
																																			message: "must be <= 5"
																																		}];
																																		return false;
																																	} else if (data199 < .2 || isNaN(data199)) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/workshop/paces/shape",
																																			schemaPath: "#/properties/workshop/properties/paces/properties/shape/minimum",
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
																																		instancePath: instancePath + "/workshop/paces/shape",
																																		schemaPath: "#/properties/workshop/properties/paces/properties/shape/type",
																																		keyword: "type",
																																		params: { type: "number" },
																																		message: "must be number"
																																	}];
																																	return false;
																																}
																																var valid56 = true;
																															} else var valid56 = true;
																															if (valid56) {
																																if (data192.texture !== void 0) {
																																	let data200 = data192.texture;
																																	if (typeof data200 == "number" && isFinite(data200)) {
																																		if (data200 > 5 || isNaN(data200)) {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/workshop/paces/texture",
																																				schemaPath: "#/properties/workshop/properties/paces/properties/texture/maximum",
																																				keyword: "maximum",
																																				params: {
																																					comparison: "<=",
																																					limit: 5
																																				},
																																				message: "must be <= 5"
																																			}];
																																			return false;
																																		} else if (data200 < .2 || isNaN(data200)) {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/workshop/paces/texture",
																																				schemaPath: "#/properties/workshop/properties/paces/properties/texture/minimum",
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
																																			instancePath: instancePath + "/workshop/paces/texture",
																																			schemaPath: "#/properties/workshop/properties/paces/properties/texture/type",
																																			keyword: "type",
																																			params: { type: "number" },
																																			message: "must be number"
																																		}];
																																		return false;
																																	}
																																	var valid56 = true;
																																} else var valid56 = true;
																																if (valid56) {
																																	if (data192.join !== void 0) {
																																		let data201 = data192.join;
																																		if (typeof data201 == "number" && isFinite(data201)) {
																																			if (data201 > 5 || isNaN(data201)) {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/workshop/paces/join",
																																					schemaPath: "#/properties/workshop/properties/paces/properties/join/maximum",
																																					keyword: "maximum",
																																					params: {
																																						comparison: "<=",
																																						limit: 5
																																					},
																																					message: "must be <= 5"
																																				}];
																																				return false;
																																			} else if (data201 < .2 || isNaN(data201)) {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/workshop/paces/join",
																																					schemaPath: "#/properties/workshop/properties/paces/properties/join/minimum",
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
																																				instancePath: instancePath + "/workshop/paces/join",
																																				schemaPath: "#/properties/workshop/properties/paces/properties/join/type",
																																				keyword: "type",
																																				params: { type: "number" },
																																				message: "must be number"
																																			}];
																																			return false;
																																		}
																																		var valid56 = true;
																																	} else var valid56 = true;
																																	if (valid56) {
																																		if (data192.finish !== void 0) {
																																			let data202 = data192.finish;
																																			if (typeof data202 == "number" && isFinite(data202)) {
																																				if (data202 > 5 || isNaN(data202)) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/workshop/paces/finish",
																																						schemaPath: "#/properties/workshop/properties/paces/properties/finish/maximum",
																																						keyword: "maximum",
																																						params: {
																																							comparison: "<=",
																																							limit: 5
																																						},
																																						message: "must be <= 5"
																																					}];
																																					return false;
																																				} else if (data202 < .2 || isNaN(data202)) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/workshop/paces/finish",
																																						schemaPath: "#/properties/workshop/properties/paces/properties/finish/minimum",
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
																																					instancePath: instancePath + "/workshop/paces/finish",
																																					schemaPath: "#/properties/workshop/properties/paces/properties/finish/type",
																																					keyword: "type",
																																					params: { type: "number" },
																																					message: "must be number"
																																				}];
																																				return false;
																																			}
																																			var valid56 = true;
																																		} else var valid56 = true;
																																		if (valid56) {
																																			if (data192.pack !== void 0) {
																																				let data203 = data192.pack;
																																				if (typeof data203 == "number" && isFinite(data203)) {
																																					if (data203 > 5 || isNaN(data203)) {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/workshop/paces/pack",
																																							schemaPath: "#/properties/workshop/properties/paces/properties/pack/maximum",
																																							keyword: "maximum",
																																							params: {
																																								comparison: "<=",
																																								limit: 5
																																							},
																																							message: "must be <= 5"
																																						}];
																																						return false;
																																					} else if (data203 < .2 || isNaN(data203)) {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/workshop/paces/pack",
																																							schemaPath: "#/properties/workshop/properties/paces/properties/pack/minimum",
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
																																						instancePath: instancePath + "/workshop/paces/pack",
																																						schemaPath: "#/properties/workshop/properties/paces/properties/pack/type",
																																						keyword: "type",
																																						params: { type: "number" },
																																						message: "must be number"
																																					}];
																																					return false;
																																				}
																																				var valid56 = true;
																																			} else var valid56 = true;
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
																										instancePath: instancePath + "/workshop/paces",
																										schemaPath: "#/properties/workshop/properties/paces/type",
																										keyword: "type",
																										params: { type: "object" },
																										message: "must be object"
																									}];
																									return false;
																								}
																								var valid48 = true;
																							} else var valid48 = true;
																						}
																					}
																				}
																			}
																		} else {
																			validate20.errors = [{
																				instancePath: instancePath + "/workshop",
																				schemaPath: "#/properties/workshop/type",
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
																			let data204 = data.cake;
																			if (data204 && typeof data204 == "object" && !Array.isArray(data204)) {
																				let missing30;
																				if (data204.batter === void 0 && (missing30 = "batter") || data204.layer === void 0 && (missing30 = "layer") || data204.filling === void 0 && (missing30 = "filling") || data204.fillingThickness === void 0 && (missing30 = "fillingThickness") || data204.coat === void 0 && (missing30 = "coat") || data204.coatThickness === void 0 && (missing30 = "coatThickness") || data204.tins === void 0 && (missing30 = "tins") || data204.chill === void 0 && (missing30 = "chill") || data204.tiers === void 0 && (missing30 = "tiers")) {
																					validate20.errors = [{
																						instancePath: instancePath + "/cake",
																						schemaPath: "#/properties/cake/required",
																						keyword: "required",
																						params: { missingProperty: missing30 },
																						message: "must have required property '" + missing30 + "'"
																					}];
																					return false;
																				} else {
																					for (const key37 in data204) if (!func1.call(schema31.properties.cake.properties, key37)) {
																						validate20.errors = [{
																							instancePath: instancePath + "/cake",
																							schemaPath: "#/properties/cake/additionalProperties",
																							keyword: "additionalProperties",
																							params: { additionalProperty: key37 },
																							message: "must NOT have additional properties"
																						}];
																						return false;
																					}
																					if (data204.batter !== void 0) {
																						let data205 = data204.batter;
																						if (typeof data205 !== "string") {
																							validate20.errors = [{
																								instancePath: instancePath + "/cake/batter",
																								schemaPath: "#/properties/cake/properties/batter/type",
																								keyword: "type",
																								params: { type: "string" },
																								message: "must be string"
																							}];
																							return false;
																						}
																						if (!(data205 === "firm" || data205 === "sponge")) {
																							validate20.errors = [{
																								instancePath: instancePath + "/cake/batter",
																								schemaPath: "#/properties/cake/properties/batter/enum",
																								keyword: "enum",
																								params: { allowedValues: schema31.properties.cake.properties.batter.enum },
																								message: "must be equal to one of the allowed values"
																							}];
																							return false;
																						}
																						var valid57 = true;
																					} else var valid57 = true;
																					if (valid57) {
																						if (data204.density !== void 0) {
																							let data206 = data204.density;
																							if (typeof data206 == "number" && isFinite(data206)) {
																								if (data206 > 1.7 || isNaN(data206)) {
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
																								} else if (data206 < .1 || isNaN(data206)) {
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
																							var valid57 = true;
																						} else var valid57 = true;
																						if (valid57) {
																							if (data204.layer !== void 0) {
																								let data207 = data204.layer;
																								if (typeof data207 == "number" && isFinite(data207)) {
																									if (data207 > 200 || isNaN(data207)) {
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
																									} else if (data207 < 5 || isNaN(data207)) {
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
																								var valid57 = true;
																							} else var valid57 = true;
																							if (valid57) {
																								if (data204.filling !== void 0) {
																									let data208 = data204.filling;
																									if (typeof data208 !== "string") {
																										validate20.errors = [{
																											instancePath: instancePath + "/cake/filling",
																											schemaPath: "#/properties/cake/properties/filling/type",
																											keyword: "type",
																											params: { type: "string" },
																											message: "must be string"
																										}];
																										return false;
																									}
																									if (!(data208 === "buttercream" || data208 === "ganacheDark" || data208 === "ganacheWhite")) {
																										validate20.errors = [{
																											instancePath: instancePath + "/cake/filling",
																											schemaPath: "#/properties/cake/properties/filling/enum",
																											keyword: "enum",
																											params: { allowedValues: schema31.properties.cake.properties.filling.enum },
																											message: "must be equal to one of the allowed values"
																										}];
																										return false;
																									}
																									var valid57 = true;
																								} else var valid57 = true;
																								if (valid57) {
																									if (data204.fillingThickness !== void 0) {
																										let data209 = data204.fillingThickness;
																										if (typeof data209 == "number" && isFinite(data209)) {
																											if (data209 > 50 || isNaN(data209)) {
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
																											} else if (data209 < 0 || isNaN(data209)) {
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
																										var valid57 = true;
																									} else var valid57 = true;
																									if (valid57) {
																										if (data204.coat !== void 0) {
																											let data210 = data204.coat;
																											if (typeof data210 !== "string") {
																												validate20.errors = [{
																													instancePath: instancePath + "/cake/coat",
																													schemaPath: "#/properties/cake/properties/coat/type",
																													keyword: "type",
																													params: { type: "string" },
																													message: "must be string"
																												}];
																												return false;
																											}
																											if (!(data210 === "buttercream" || data210 === "ganacheDark" || data210 === "ganacheWhite")) {
																												validate20.errors = [{
																													instancePath: instancePath + "/cake/coat",
																													schemaPath: "#/properties/cake/properties/coat/enum",
																													keyword: "enum",
																													params: { allowedValues: schema31.properties.cake.properties.coat.enum },
																													message: "must be equal to one of the allowed values"
																												}];
																												return false;
																											}
																											var valid57 = true;
																										} else var valid57 = true;
																										if (valid57) {
																											if (data204.coatThickness !== void 0) {
																												let data211 = data204.coatThickness;
																												if (typeof data211 == "number" && isFinite(data211)) {
																													if (data211 > 30 || isNaN(data211)) {
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
																													} else if (data211 < 0 || isNaN(data211)) {
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
																												var valid57 = true;
																											} else var valid57 = true;
																											if (valid57) {
																												if (data204.tins !== void 0) {
																													let data212 = data204.tins;
																													if (Array.isArray(data212)) {
																														if (data212.length > 30) {
																															validate20.errors = [{
																																instancePath: instancePath + "/cake/tins",
																																schemaPath: "#/properties/cake/properties/tins/maxItems",
																																keyword: "maxItems",
																																params: { limit: 30 },
																																message: "must NOT have more than 30 items"
																															}];
																															return false;
																														} else if (data212.length < 0) {
																															validate20.errors = [{
																																instancePath: instancePath + "/cake/tins",
																																schemaPath: "#/properties/cake/properties/tins/minItems",
																																keyword: "minItems",
																																params: { limit: 0 },
																																message: "must NOT have fewer than 0 items"
																															}];
																															return false;
																														} else {
																															const len21 = data212.length;
																															for (let i21 = 0; i21 < len21; i21++) {
																																let data213 = data212[i21];
																																if (typeof data213 == "number" && isFinite(data213)) {
																																	if (data213 > 800 || isNaN(data213)) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/cake/tins/" + i21,
																																			schemaPath: "#/properties/cake/properties/tins/items/maximum",
																																			keyword: "maximum",
																																			params: {
																																				comparison: "<=",
																																				limit: 800
																																			},
																																			message: "must be <= 800"
																																		}];
																																		return false;
																																	} else if (data213 < 40 || isNaN(data213)) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/cake/tins/" + i21,
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
																																		instancePath: instancePath + "/cake/tins/" + i21,
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
																													var valid57 = true;
																												} else var valid57 = true;
																												if (valid57) {
																													if (data204.chill !== void 0) {
																														let data214 = data204.chill;
																														if (data214 && typeof data214 == "object" && !Array.isArray(data214)) {
																															let missing31;
																															if (data214.where === void 0 && (missing31 = "where") || data214.hours === void 0 && (missing31 = "hours")) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/cake/chill",
																																	schemaPath: "#/properties/cake/properties/chill/required",
																																	keyword: "required",
																																	params: { missingProperty: missing31 },
																																	message: "must have required property '" + missing31 + "'"
																																}];
																																return false;
																															} else {
																																for (const key38 in data214) if (!(key38 === "where" || key38 === "hours")) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/cake/chill",
																																		schemaPath: "#/properties/cake/properties/chill/additionalProperties",
																																		keyword: "additionalProperties",
																																		params: { additionalProperty: key38 },
																																		message: "must NOT have additional properties"
																																	}];
																																	return false;
																																}
																																if (data214.where !== void 0) {
																																	let data215 = data214.where;
																																	if (typeof data215 !== "string") {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/cake/chill/where",
																																			schemaPath: "#/properties/cake/properties/chill/properties/where/type",
																																			keyword: "type",
																																			params: { type: "string" },
																																			message: "must be string"
																																		}];
																																		return false;
																																	}
																																	if (!(data215 === "room" || data215 === "fridge" || data215 === "freezer")) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/cake/chill/where",
																																			schemaPath: "#/properties/cake/properties/chill/properties/where/enum",
																																			keyword: "enum",
																																			params: { allowedValues: schema31.properties.cake.properties.chill.properties.where.enum },
																																			message: "must be equal to one of the allowed values"
																																		}];
																																		return false;
																																	}
																																	var valid59 = true;
																																} else var valid59 = true;
																																if (valid59) {
																																	if (data214.hours !== void 0) {
																																		let data216 = data214.hours;
																																		if (typeof data216 == "number" && isFinite(data216)) {
																																			if (data216 > 96 || isNaN(data216)) {
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
																																			} else if (data216 < 0 || isNaN(data216)) {
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
																																		var valid59 = true;
																																	} else var valid59 = true;
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
																														var valid57 = true;
																													} else var valid57 = true;
																													if (valid57) {
																														if (data204.tiers !== void 0) {
																															let data217 = data204.tiers;
																															if (Array.isArray(data217)) {
																																if (data217.length > 12) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/cake/tiers",
																																		schemaPath: "#/properties/cake/properties/tiers/maxItems",
																																		keyword: "maxItems",
																																		params: { limit: 12 },
																																		message: "must NOT have more than 12 items"
																																	}];
																																	return false;
																																} else if (data217.length < 0) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/cake/tiers",
																																		schemaPath: "#/properties/cake/properties/tiers/minItems",
																																		keyword: "minItems",
																																		params: { limit: 0 },
																																		message: "must NOT have fewer than 0 items"
																																	}];
																																	return false;
																																} else {
																																	const len22 = data217.length;
																																	for (let i22 = 0; i22 < len22; i22++) {
																																		let data218 = data217[i22];
																																		if (data218 && typeof data218 == "object" && !Array.isArray(data218)) {
																																			let missing32;
																																			if (data218.id === void 0 && (missing32 = "id") || data218.name === void 0 && (missing32 = "name") || data218.shape === void 0 && (missing32 = "shape") || data218.width === void 0 && (missing32 = "width") || data218.height === void 0 && (missing32 = "height") || data218.cover === void 0 && (missing32 = "cover")) {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/cake/tiers/" + i22,
																																					schemaPath: "#/properties/cake/properties/tiers/items/required",
																																					keyword: "required",
																																					params: { missingProperty: missing32 },
																																					message: "must have required property '" + missing32 + "'"
																																				}];
																																				return false;
																																			} else {
																																				for (const key39 in data218) if (!(key39 === "id" || key39 === "name" || key39 === "shape" || key39 === "width" || key39 === "height" || key39 === "cover" || key39 === "board" || key39 === "posts")) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/cake/tiers/" + i22,
																																						schemaPath: "#/properties/cake/properties/tiers/items/additionalProperties",
																																						keyword: "additionalProperties",
																																						params: { additionalProperty: key39 },
																																						message: "must NOT have additional properties"
																																					}];
																																					return false;
																																				}
																																				if (data218.id !== void 0) {
																																					let data219 = data218.id;
																																					if (typeof data219 === "string") {
																																						if (!pattern5.test(data219)) {
																																							validate20.errors = [{
																																								instancePath: instancePath + "/cake/tiers/" + i22 + "/id",
																																								schemaPath: "#/properties/cake/properties/tiers/items/properties/id/pattern",
																																								keyword: "pattern",
																																								params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																																								message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																																							}];
																																							return false;
																																						}
																																					} else {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/cake/tiers/" + i22 + "/id",
																																							schemaPath: "#/properties/cake/properties/tiers/items/properties/id/type",
																																							keyword: "type",
																																							params: { type: "string" },
																																							message: "must be string"
																																						}];
																																						return false;
																																					}
																																					var valid61 = true;
																																				} else var valid61 = true;
																																				if (valid61) {
																																					if (data218.name !== void 0) {
																																						let data220 = data218.name;
																																						if (typeof data220 === "string") {
																																							if (func2(data220) > 120) {
																																								validate20.errors = [{
																																									instancePath: instancePath + "/cake/tiers/" + i22 + "/name",
																																									schemaPath: "#/properties/cake/properties/tiers/items/properties/name/maxLength",
																																									keyword: "maxLength",
																																									params: { limit: 120 },
																																									message: "must NOT have more than 120 characters"
																																								}];
																																								return false;
																																							} else if (func2(data220) < 1) {
																																								validate20.errors = [{
																																									instancePath: instancePath + "/cake/tiers/" + i22 + "/name",
																																									schemaPath: "#/properties/cake/properties/tiers/items/properties/name/minLength",
																																									keyword: "minLength",
																																									params: { limit: 1 },
																																									message: "must NOT have fewer than 1 characters"
																																								}];
																																								return false;
																																							}
																																						} else {
																																							validate20.errors = [{
																																								instancePath: instancePath + "/cake/tiers/" + i22 + "/name",
																																								schemaPath: "#/properties/cake/properties/tiers/items/properties/name/type",
																																								keyword: "type",
																																								params: { type: "string" },
																																								message: "must be string"
																																							}];
																																							return false;
																																						}
																																						var valid61 = true;
																																					} else var valid61 = true;
																																					if (valid61) {
																																						if (data218.shape !== void 0) {
																																							let data221 = data218.shape;
																																							if (typeof data221 !== "string") {
																																								validate20.errors = [{
																																									instancePath: instancePath + "/cake/tiers/" + i22 + "/shape",
																																									schemaPath: "#/properties/cake/properties/tiers/items/properties/shape/type",
																																									keyword: "type",
																																									params: { type: "string" },
																																									message: "must be string"
																																								}];
																																								return false;
																																							}
																																							if (!(data221 === "round" || data221 === "square")) {
																																								validate20.errors = [{
																																									instancePath: instancePath + "/cake/tiers/" + i22 + "/shape",
																																									schemaPath: "#/properties/cake/properties/tiers/items/properties/shape/enum",
																																									keyword: "enum",
																																									params: { allowedValues: schema31.properties.cake.properties.tiers.items.properties.shape.enum },
																																									message: "must be equal to one of the allowed values"
																																								}];
																																								return false;
																																							}
																																							var valid61 = true;
																																						} else var valid61 = true;
																																						if (valid61) {
																																							if (data218.width !== void 0) {
																																								let data222 = data218.width;
																																								if (typeof data222 == "number" && isFinite(data222)) {
																																									if (data222 > 800 || isNaN(data222)) {
																																										validate20.errors = [{
																																											instancePath: instancePath + "/cake/tiers/" + i22 + "/width",
																																											schemaPath: "#/properties/cake/properties/tiers/items/properties/width/maximum",
																																											keyword: "maximum",
																																											params: {
																																												comparison: "<=",
																																												limit: 800
																																											},
																																											message: "must be <= 800"
																																										}];
																																										return false;
																																									} else if (data222 < 40 || isNaN(data222)) {
																																										validate20.errors = [{
																																											instancePath: instancePath + "/cake/tiers/" + i22 + "/width",
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
																																										instancePath: instancePath + "/cake/tiers/" + i22 + "/width",
																																										schemaPath: "#/properties/cake/properties/tiers/items/properties/width/type",
																																										keyword: "type",
																																										params: { type: "number" },
																																										message: "must be number"
																																									}];
																																									return false;
																																								}
																																								var valid61 = true;
																																							} else var valid61 = true;
																																							if (valid61) {
																																								if (data218.height !== void 0) {
																																									let data223 = data218.height;
																																									if (typeof data223 == "number" && isFinite(data223)) {
																																										if (data223 > 400 || isNaN(data223)) {
																																											validate20.errors = [{
																																												instancePath: instancePath + "/cake/tiers/" + i22 + "/height",
																																												schemaPath: "#/properties/cake/properties/tiers/items/properties/height/maximum",
																																												keyword: "maximum",
																																												params: {
																																													comparison: "<=",
																																													limit: 400
																																												},
																																												message: "must be <= 400"
																																											}];
																																											return false;
																																										} else if (data223 < 20 || isNaN(data223)) {
																																											validate20.errors = [{
																																												instancePath: instancePath + "/cake/tiers/" + i22 + "/height",
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
																																											instancePath: instancePath + "/cake/tiers/" + i22 + "/height",
																																											schemaPath: "#/properties/cake/properties/tiers/items/properties/height/type",
																																											keyword: "type",
																																											params: { type: "number" },
																																											message: "must be number"
																																										}];
																																										return false;
																																									}
																																									var valid61 = true;
																																								} else var valid61 = true;
																																								if (valid61) {
																																									if (data218.cover !== void 0) {
																																										let data224 = data218.cover;
																																										if (data224 && typeof data224 == "object" && !Array.isArray(data224)) {
																																											let missing33;
																																											if (data224.thickness === void 0 && (missing33 = "thickness") || data224.blend === void 0 && (missing33 = "blend") || data224.colour === void 0 && (missing33 = "colour")) {
																																												validate20.errors = [{
																																													instancePath: instancePath + "/cake/tiers/" + i22 + "/cover",
																																													schemaPath: "#/properties/cake/properties/tiers/items/properties/cover/required",
																																													keyword: "required",
																																													params: { missingProperty: missing33 },
																																													message: "must have required property '" + missing33 + "'"
																																												}];
																																												return false;
																																											} else {
																																												for (const key40 in data224) if (!(key40 === "thickness" || key40 === "blend" || key40 === "colour")) {
																																													validate20.errors = [{
																																														instancePath: instancePath + "/cake/tiers/" + i22 + "/cover",
																																														schemaPath: "#/properties/cake/properties/tiers/items/properties/cover/additionalProperties",
																																														keyword: "additionalProperties",
																																														params: { additionalProperty: key40 },
																																														message: "must NOT have additional properties"
																																													}];
																																													return false;
																																												}
																																												if (data224.thickness !== void 0) {
																																													let data225 = data224.thickness;
																																													if (typeof data225 == "number" && isFinite(data225)) {
																																														if (data225 > 20 || isNaN(data225)) {
																																															validate20.errors = [{
																																																instancePath: instancePath + "/cake/tiers/" + i22 + "/cover/thickness",
																																																schemaPath: "#/properties/cake/properties/tiers/items/properties/cover/properties/thickness/maximum",
																																																keyword: "maximum",
																																																params: {
																																																	comparison: "<=",
																																																	limit: 20
																																																},
																																																message: "must be <= 20"
																																															}];
																																															return false;
																																														} else if (data225 < 1 || isNaN(data225)) {
																																															validate20.errors = [{
																																																instancePath: instancePath + "/cake/tiers/" + i22 + "/cover/thickness",
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
																																															instancePath: instancePath + "/cake/tiers/" + i22 + "/cover/thickness",
																																															schemaPath: "#/properties/cake/properties/tiers/items/properties/cover/properties/thickness/type",
																																															keyword: "type",
																																															params: { type: "number" },
																																															message: "must be number"
																																														}];
																																														return false;
																																													}
																																													var valid62 = true;
																																												} else var valid62 = true;
																																												if (valid62) {
																																													if (data224.blend !== void 0) {
																																														let data226 = data224.blend;
																																														if (typeof data226 === "string") {
																																															if (!pattern5.test(data226)) {
																																																validate20.errors = [{
																																																	instancePath: instancePath + "/cake/tiers/" + i22 + "/cover/blend",
																																																	schemaPath: "#/properties/cake/properties/tiers/items/properties/cover/properties/blend/pattern",
																																																	keyword: "pattern",
																																																	params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																																																	message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																																																}];
																																																return false;
																																															}
																																														} else {
																																															validate20.errors = [{
																																																instancePath: instancePath + "/cake/tiers/" + i22 + "/cover/blend",
																																																schemaPath: "#/properties/cake/properties/tiers/items/properties/cover/properties/blend/type",
																																																keyword: "type",
																																																params: { type: "string" },
																																																message: "must be string"
																																															}];
																																															return false;
																																														}
																																														var valid62 = true;
																																													} else var valid62 = true;
																																													if (valid62) {
																																														if (data224.colour !== void 0) {
																																															let data227 = data224.colour;
																																															if (typeof data227 === "string") {
																																																if (!pattern5.test(data227)) {
																																																	validate20.errors = [{
																																																		instancePath: instancePath + "/cake/tiers/" + i22 + "/cover/colour",
																																																		schemaPath: "#/properties/cake/properties/tiers/items/properties/cover/properties/colour/pattern",
																																																		keyword: "pattern",
																																																		params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																																																		message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																																																	}];
																																																	return false;
																																																}
																																															} else {
																																																validate20.errors = [{
																																																	instancePath: instancePath + "/cake/tiers/" + i22 + "/cover/colour",
																																																	schemaPath: "#/properties/cake/properties/tiers/items/properties/cover/properties/colour/type",
																																																	keyword: "type",
																																																	params: { type: "string" },
																																																	message: "must be string"
																																																}];
																																																return false;
																																															}
																																															var valid62 = true;
																																														} else var valid62 = true;
																																													}
																																												}
																																											}
																																										} else {
																																											validate20.errors = [{
																																												instancePath: instancePath + "/cake/tiers/" + i22 + "/cover",
																																												schemaPath: "#/properties/cake/properties/tiers/items/properties/cover/type",
																																												keyword: "type",
																																												params: { type: "object" },
																																												message: "must be object"
																																											}];
																																											return false;
																																										}
																																										var valid61 = true;
																																									} else var valid61 = true;
																																									if (valid61) {
																																										if (data218.board !== void 0) {
																																											let data228 = data218.board;
																																											if (data228 && typeof data228 == "object" && !Array.isArray(data228)) {
																																												let missing34;
																																												if (data228.kind === void 0 && (missing34 = "kind") || data228.width === void 0 && (missing34 = "width")) {
																																													validate20.errors = [{
																																														instancePath: instancePath + "/cake/tiers/" + i22 + "/board",
																																														schemaPath: "#/properties/cake/properties/tiers/items/properties/board/required",
																																														keyword: "required",
																																														params: { missingProperty: missing34 },
																																														message: "must have required property '" + missing34 + "'"
																																													}];
																																													return false;
																																												} else {
																																													for (const key41 in data228) if (!(key41 === "kind" || key41 === "width")) {
																																														validate20.errors = [{
																																															instancePath: instancePath + "/cake/tiers/" + i22 + "/board",
																																															schemaPath: "#/properties/cake/properties/tiers/items/properties/board/additionalProperties",
																																															keyword: "additionalProperties",
																																															params: { additionalProperty: key41 },
																																															message: "must NOT have additional properties"
																																														}];
																																														return false;
																																													}
																																													if (data228.kind !== void 0) {
																																														let data229 = data228.kind;
																																														if (typeof data229 !== "string") {
																																															validate20.errors = [{
																																																instancePath: instancePath + "/cake/tiers/" + i22 + "/board/kind",
																																																schemaPath: "#/properties/cake/properties/tiers/items/properties/board/properties/kind/type",
																																																keyword: "type",
																																																params: { type: "string" },
																																																message: "must be string"
																																															}];
																																															return false;
																																														}
																																														if (!(data229 === "card" || data229 === "drum" || data229 === "foam" || data229 === "ply6" || data229 === "mdf6" || data229 === "mdf12" || data229 === "acrylic")) {
																																															validate20.errors = [{
																																																instancePath: instancePath + "/cake/tiers/" + i22 + "/board/kind",
																																																schemaPath: "#/properties/cake/properties/tiers/items/properties/board/properties/kind/enum",
																																																keyword: "enum",
																																																params: { allowedValues: schema31.properties.cake.properties.tiers.items.properties.board.properties.kind.enum },
																																																message: "must be equal to one of the allowed values"
																																															}];
																																															return false;
																																														}
																																														var valid63 = true;
																																													} else var valid63 = true;
																																													if (valid63) {
																																														if (data228.width !== void 0) {
																																															let data230 = data228.width;
																																															if (typeof data230 == "number" && isFinite(data230)) {
																																																if (data230 > 900 || isNaN(data230)) {
																																																	validate20.errors = [{
																																																		instancePath: instancePath + "/cake/tiers/" + i22 + "/board/width",
																																																		schemaPath: "#/properties/cake/properties/tiers/items/properties/board/properties/width/maximum",
																																																		keyword: "maximum",
																																																		params: {
																																																			comparison: "<=",
																																																			limit: 900
																																																		},
																																																		message: "must be <= 900"
																																																	}];
																																																	return false;
																																																} else if (data230 < 30 || isNaN(data230)) {
																																																	validate20.errors = [{
																																																		instancePath: instancePath + "/cake/tiers/" + i22 + "/board/width",
																																																		schemaPath: "#/properties/cake/properties/tiers/items/properties/board/properties/width/minimum",
																																																		keyword: "minimum",
																																																		params: {
																																																			comparison: ">=",
																																																			limit: 30
																																																		},
																																																		message: "must be >= 30"
																																																	}];
																																																	return false;
																																																}
																																															} else {
																																																validate20.errors = [{
																																																	instancePath: instancePath + "/cake/tiers/" + i22 + "/board/width",
																																																	schemaPath: "#/properties/cake/properties/tiers/items/properties/board/properties/width/type",
																																																	keyword: "type",
																																																	params: { type: "number" },
																																																	message: "must be number"
																																																}];
																																																return false;
																																															}
																																															var valid63 = true;
																																														} else var valid63 = true;
																																													}
																																												}
																																											} else {
																																												validate20.errors = [{
																																													instancePath: instancePath + "/cake/tiers/" + i22 + "/board",
																																													schemaPath: "#/properties/cake/properties/tiers/items/properties/board/type",
																																													keyword: "type",
																																													params: { type: "object" },
																																													message: "must be object"
																																												}];
																																												return false;
																																											}
																																											var valid61 = true;
																																										} else var valid61 = true;
																																										if (valid61) {
																																											if (data218.posts !== void 0) {
																																												let data231 = data218.posts;
																																												if (data231 && typeof data231 == "object" && !Array.isArray(data231)) {
																																													let missing35;
																																													if (data231.stock === void 0 && (missing35 = "stock") || data231.number === void 0 && (missing35 = "number")) {
																																														validate20.errors = [{
																																															instancePath: instancePath + "/cake/tiers/" + i22 + "/posts",
																																															schemaPath: "#/properties/cake/properties/tiers/items/properties/posts/required",
																																															keyword: "required",
																																															params: { missingProperty: missing35 },
																																															message: "must have required property '" + missing35 + "'"
																																														}];
																																														return false;
																																													} else {
																																														for (const key42 in data231) if (!(key42 === "stock" || key42 === "number")) {
																																															validate20.errors = [{
																																																instancePath: instancePath + "/cake/tiers/" + i22 + "/posts",
																																																schemaPath: "#/properties/cake/properties/tiers/items/properties/posts/additionalProperties",
																																																keyword: "additionalProperties",
																																																params: { additionalProperty: key42 },
																																																message: "must NOT have additional properties"
																																															}];
																																															return false;
																																														}
																																														if (data231.stock !== void 0) {
																																															let data232 = data231.stock;
																																															if (typeof data232 !== "string") {
																																																validate20.errors = [{
																																																	instancePath: instancePath + "/cake/tiers/" + i22 + "/posts/stock",
																																																	schemaPath: "#/properties/cake/properties/tiers/items/properties/posts/properties/stock/type",
																																																	keyword: "type",
																																																	params: { type: "string" },
																																																	message: "must be string"
																																																}];
																																																return false;
																																															}
																																															if (!(data232 === "spaghetti18" || data232 === "cocktail2" || data232 === "skewer3" || data232 === "wire26" || data232 === "wire24" || data232 === "wire22" || data232 === "wire20" || data232 === "wire18" || data232 === "paper4" || data232 === "skewer4" || data232 === "straw12" || data232 === "dowel6" || data232 === "dowel8" || data232 === "hollow16" || data232 === "dowel10" || data232 === "dowel12" || data232 === "armature3" || data232 === "armature6" || data232 === "copper6" || data232 === "copper8" || data232 === "copper10" || data232 === "m6" || data232 === "m8" || data232 === "m10" || data232 === "m12" || data232 === "stainless6" || data232 === "stainless10" || data232 === "stainless12")) {
																																																validate20.errors = [{
																																																	instancePath: instancePath + "/cake/tiers/" + i22 + "/posts/stock",
																																																	schemaPath: "#/properties/cake/properties/tiers/items/properties/posts/properties/stock/enum",
																																																	keyword: "enum",
																																																	params: { allowedValues: schema31.properties.cake.properties.tiers.items.properties.posts.properties.stock.enum },
																																																	message: "must be equal to one of the allowed values"
																																																}];
																																																return false;
																																															}
																																															var valid64 = true;
																																														} else var valid64 = true;
																																														if (valid64) {
																																															if (data231.number !== void 0) {
																																																let data233 = data231.number;
																																																if (!(typeof data233 == "number" && !(data233 % 1) && !isNaN(data233) && isFinite(data233))) {
																																																	validate20.errors = [{
																																																		instancePath: instancePath + "/cake/tiers/" + i22 + "/posts/number",
																																																		schemaPath: "#/properties/cake/properties/tiers/items/properties/posts/properties/number/type",
																																																		keyword: "type",
																																																		params: { type: "integer" },
																																																		message: "must be integer"
																																																	}];
																																																	return false;
																																																}
																																																if (typeof data233 == "number" && isFinite(data233)) {
																																																	if (data233 > 12 || isNaN(data233)) {
																																																		validate20.errors = [{
																																																			instancePath: instancePath + "/cake/tiers/" + i22 + "/posts/number",
																																																			schemaPath: "#/properties/cake/properties/tiers/items/properties/posts/properties/number/maximum",
																																																			keyword: "maximum",
																																																			params: {
																																																				comparison: "<=",
																																																				limit: 12
																																																			},
																																																			message: "must be <= 12"
																																																		}];
																																																		return false;
																																																	} else if (data233 < 1 || isNaN(data233)) {
																																																		validate20.errors = [{
																																																			instancePath: instancePath + "/cake/tiers/" + i22 + "/posts/number",
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
																																																var valid64 = true;
																																															} else var valid64 = true;
																																														}
																																													}
																																												} else {
																																													validate20.errors = [{
																																														instancePath: instancePath + "/cake/tiers/" + i22 + "/posts",
																																														schemaPath: "#/properties/cake/properties/tiers/items/properties/posts/type",
																																														keyword: "type",
																																														params: { type: "object" },
																																														message: "must be object"
																																													}];
																																													return false;
																																												}
																																												var valid61 = true;
																																											} else var valid61 = true;
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
																																				instancePath: instancePath + "/cake/tiers/" + i22,
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
																															var valid57 = true;
																														} else var valid57 = true;
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
																				let data234 = data.portions;
																				if (data234 && typeof data234 == "object" && !Array.isArray(data234)) {
																					let missing36;
																					if (data234.piece === void 0 && (missing36 = "piece") || data234.target === void 0 && (missing36 = "target") || data234.within === void 0 && (missing36 = "within") || data234.step === void 0 && (missing36 = "step") || data234.caseWidth === void 0 && (missing36 = "caseWidth") || data234.weighed === void 0 && (missing36 = "weighed")) {
																						validate20.errors = [{
																							instancePath: instancePath + "/portions",
																							schemaPath: "#/properties/portions/required",
																							keyword: "required",
																							params: { missingProperty: missing36 },
																							message: "must have required property '" + missing36 + "'"
																						}];
																						return false;
																					} else {
																						for (const key43 in data234) if (!(key43 === "piece" || key43 === "target" || key43 === "within" || key43 === "step" || key43 === "caseWidth" || key43 === "weighed")) {
																							validate20.errors = [{
																								instancePath: instancePath + "/portions",
																								schemaPath: "#/properties/portions/additionalProperties",
																								keyword: "additionalProperties",
																								params: { additionalProperty: key43 },
																								message: "must NOT have additional properties"
																							}];
																							return false;
																						}
																						if (data234.piece !== void 0) {
																							let data235 = data234.piece;
																							if (typeof data235 === "string") {
																								if (!pattern5.test(data235)) {
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
																							var valid65 = true;
																						} else var valid65 = true;
																						if (valid65) {
																							if (data234.target !== void 0) {
																								let data236 = data234.target;
																								if (typeof data236 == "number" && isFinite(data236)) {
																									if (data236 > 5e3 || isNaN(data236)) {
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
																									} else if (data236 < .01 || isNaN(data236)) {
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
																								var valid65 = true;
																							} else var valid65 = true;
																							if (valid65) {
																								if (data234.within !== void 0) {
																									let data237 = data234.within;
																									if (typeof data237 == "number" && isFinite(data237)) {
																										if (data237 > 1e3 || isNaN(data237)) {
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
																										} else if (data237 < .001 || isNaN(data237)) {
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
																									var valid65 = true;
																								} else var valid65 = true;
																								if (valid65) {
																									if (data234.step !== void 0) {
																										let data238 = data234.step;
																										if (typeof data238 == "number" && isFinite(data238)) {
																											if (data238 > 10 || isNaN(data238)) {
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
																											} else if (data238 < .001 || isNaN(data238)) {
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
																										var valid65 = true;
																									} else var valid65 = true;
																									if (valid65) {
																										if (data234.caseWidth !== void 0) {
																											let data239 = data234.caseWidth;
																											if (typeof data239 == "number" && isFinite(data239)) {
																												if (data239 > 500 || isNaN(data239)) {
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
																												} else if (data239 < 0 || isNaN(data239)) {
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
																											var valid65 = true;
																										} else var valid65 = true;
																										if (valid65) {
																											if (data234.weighed !== void 0) {
																												let data240 = data234.weighed;
																												if (Array.isArray(data240)) {
																													if (data240.length > 2e3) {
																														validate20.errors = [{
																															instancePath: instancePath + "/portions/weighed",
																															schemaPath: "#/properties/portions/properties/weighed/maxItems",
																															keyword: "maxItems",
																															params: { limit: 2e3 },
																															message: "must NOT have more than 2000 items"
																														}];
																														return false;
																													} else if (data240.length < 0) {
																														validate20.errors = [{
																															instancePath: instancePath + "/portions/weighed",
																															schemaPath: "#/properties/portions/properties/weighed/minItems",
																															keyword: "minItems",
																															params: { limit: 0 },
																															message: "must NOT have fewer than 0 items"
																														}];
																														return false;
																													} else {
																														const len23 = data240.length;
																														for (let i23 = 0; i23 < len23; i23++) {
																															let data241 = data240[i23];
																															if (typeof data241 == "number" && isFinite(data241)) {
																																if (data241 > 1e4 || isNaN(data241)) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/portions/weighed/" + i23,
																																		schemaPath: "#/properties/portions/properties/weighed/items/maximum",
																																		keyword: "maximum",
																																		params: {
																																			comparison: "<=",
																																			limit: 1e4
																																		},
																																		message: "must be <= 10000"
																																	}];
																																	return false;
																																} else if (data241 < .001 || isNaN(data241)) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/portions/weighed/" + i23,
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
																																	instancePath: instancePath + "/portions/weighed/" + i23,
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
																												var valid65 = true;
																											} else var valid65 = true;
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
																					let data242 = data.stack;
																					if (data242 && typeof data242 == "object" && !Array.isArray(data242)) {
																						let missing37;
																						if (data242.thread === void 0 && (missing37 = "thread") || data242.items === void 0 && (missing37 = "items")) {
																							validate20.errors = [{
																								instancePath: instancePath + "/stack",
																								schemaPath: "#/properties/stack/required",
																								keyword: "required",
																								params: { missingProperty: missing37 },
																								message: "must have required property '" + missing37 + "'"
																							}];
																							return false;
																						} else {
																							for (const key44 in data242) if (!(key44 === "thread" || key44 === "items" || key44 === "cutAt")) {
																								validate20.errors = [{
																									instancePath: instancePath + "/stack",
																									schemaPath: "#/properties/stack/additionalProperties",
																									keyword: "additionalProperties",
																									params: { additionalProperty: key44 },
																									message: "must NOT have additional properties"
																								}];
																								return false;
																							}
																							if (data242.thread !== void 0) {
																								let data243 = data242.thread;
																								if (!(typeof data243 == "number" && !(data243 % 1) && !isNaN(data243) && isFinite(data243))) {
																									validate20.errors = [{
																										instancePath: instancePath + "/stack/thread",
																										schemaPath: "#/properties/stack/properties/thread/type",
																										keyword: "type",
																										params: { type: "integer" },
																										message: "must be integer"
																									}];
																									return false;
																								}
																								if (!(data243 === 6 || data243 === 8 || data243 === 10 || data243 === 12)) {
																									validate20.errors = [{
																										instancePath: instancePath + "/stack/thread",
																										schemaPath: "#/properties/stack/properties/thread/enum",
																										keyword: "enum",
																										params: { allowedValues: schema31.properties.stack.properties.thread.enum },
																										message: "must be equal to one of the allowed values"
																									}];
																									return false;
																								}
																								var valid67 = true;
																							} else var valid67 = true;
																							if (valid67) {
																								if (data242.items !== void 0) {
																									let data244 = data242.items;
																									if (Array.isArray(data244)) {
																										if (data244.length > 40) {
																											validate20.errors = [{
																												instancePath: instancePath + "/stack/items",
																												schemaPath: "#/properties/stack/properties/items/maxItems",
																												keyword: "maxItems",
																												params: { limit: 40 },
																												message: "must NOT have more than 40 items"
																											}];
																											return false;
																										} else if (data244.length < 0) {
																											validate20.errors = [{
																												instancePath: instancePath + "/stack/items",
																												schemaPath: "#/properties/stack/properties/items/minItems",
																												keyword: "minItems",
																												params: { limit: 0 },
																												message: "must NOT have fewer than 0 items"
																											}];
																											return false;
																										} else {
																											const len24 = data244.length;
																											for (let i24 = 0; i24 < len24; i24++) {
																												let data245 = data244[i24];
																												if (data245 && typeof data245 == "object" && !Array.isArray(data245)) {
																													let missing38;
																													if (data245.id === void 0 && (missing38 = "id") || data245.kind === void 0 && (missing38 = "kind") || data245.name === void 0 && (missing38 = "name") || data245.thick === void 0 && (missing38 = "thick")) {
																														validate20.errors = [{
																															instancePath: instancePath + "/stack/items/" + i24,
																															schemaPath: "#/properties/stack/properties/items/items/required",
																															keyword: "required",
																															params: { missingProperty: missing38 },
																															message: "must have required property '" + missing38 + "'"
																														}];
																														return false;
																													} else {
																														for (const key45 in data245) if (!(key45 === "id" || key45 === "kind" || key45 === "name" || key45 === "thick" || key45 === "width" || key45 === "weight" || key45 === "made")) {
																															validate20.errors = [{
																																instancePath: instancePath + "/stack/items/" + i24,
																																schemaPath: "#/properties/stack/properties/items/items/additionalProperties",
																																keyword: "additionalProperties",
																																params: { additionalProperty: key45 },
																																message: "must NOT have additional properties"
																															}];
																															return false;
																														}
																														if (data245.id !== void 0) {
																															let data246 = data245.id;
																															if (typeof data246 === "string") {
																																if (!pattern5.test(data246)) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/stack/items/" + i24 + "/id",
																																		schemaPath: "#/properties/stack/properties/items/items/properties/id/pattern",
																																		keyword: "pattern",
																																		params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																																		message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																																	}];
																																	return false;
																																}
																															} else {
																																validate20.errors = [{
																																	instancePath: instancePath + "/stack/items/" + i24 + "/id",
																																	schemaPath: "#/properties/stack/properties/items/items/properties/id/type",
																																	keyword: "type",
																																	params: { type: "string" },
																																	message: "must be string"
																																}];
																																return false;
																															}
																															var valid69 = true;
																														} else var valid69 = true;
																														if (valid69) {
																															if (data245.kind !== void 0) {
																																let data247 = data245.kind;
																																if (typeof data247 !== "string") {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/stack/items/" + i24 + "/kind",
																																		schemaPath: "#/properties/stack/properties/items/items/properties/kind/type",
																																		keyword: "type",
																																		params: { type: "string" },
																																		message: "must be string"
																																	}];
																																	return false;
																																}
																																if (!(data247 === "feet" || data247 === "nut" || data247 === "washer" || data247 === "large" || data247 === "base" || data247 === "board" || data247 === "gap" || data247 === "tier")) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/stack/items/" + i24 + "/kind",
																																		schemaPath: "#/properties/stack/properties/items/items/properties/kind/enum",
																																		keyword: "enum",
																																		params: { allowedValues: schema31.properties.stack.properties.items.items.properties.kind.enum },
																																		message: "must be equal to one of the allowed values"
																																	}];
																																	return false;
																																}
																																var valid69 = true;
																															} else var valid69 = true;
																															if (valid69) {
																																if (data245.name !== void 0) {
																																	let data248 = data245.name;
																																	if (typeof data248 === "string") {
																																		if (func2(data248) > 120) {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/stack/items/" + i24 + "/name",
																																				schemaPath: "#/properties/stack/properties/items/items/properties/name/maxLength",
																																				keyword: "maxLength",
																																				params: { limit: 120 },
																																				message: "must NOT have more than 120 characters"
																																			}];
																																			return false;
																																		} else if (func2(data248) < 1) {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/stack/items/" + i24 + "/name",
																																				schemaPath: "#/properties/stack/properties/items/items/properties/name/minLength",
																																				keyword: "minLength",
																																				params: { limit: 1 },
																																				message: "must NOT have fewer than 1 characters"
																																			}];
																																			return false;
																																		}
																																	} else {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/stack/items/" + i24 + "/name",
																																			schemaPath: "#/properties/stack/properties/items/items/properties/name/type",
																																			keyword: "type",
																																			params: { type: "string" },
																																			message: "must be string"
																																		}];
																																		return false;
																																	}
																																	var valid69 = true;
																																} else var valid69 = true;
																																if (valid69) {
																																	if (data245.thick !== void 0) {
																																		let data249 = data245.thick;
																																		if (typeof data249 == "number" && isFinite(data249)) {
																																			if (data249 > 600 || isNaN(data249)) {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/stack/items/" + i24 + "/thick",
																																					schemaPath: "#/properties/stack/properties/items/items/properties/thick/maximum",
																																					keyword: "maximum",
																																					params: {
																																						comparison: "<=",
																																						limit: 600
																																					},
																																					message: "must be <= 600"
																																				}];
																																				return false;
																																			} else if (data249 < 0 || isNaN(data249)) {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/stack/items/" + i24 + "/thick",
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
																																				instancePath: instancePath + "/stack/items/" + i24 + "/thick",
																																				schemaPath: "#/properties/stack/properties/items/items/properties/thick/type",
																																				keyword: "type",
																																				params: { type: "number" },
																																				message: "must be number"
																																			}];
																																			return false;
																																		}
																																		var valid69 = true;
																																	} else var valid69 = true;
																																	if (valid69) {
																																		if (data245.width !== void 0) {
																																			let data250 = data245.width;
																																			if (typeof data250 == "number" && isFinite(data250)) {
																																				if (data250 > 900 || isNaN(data250)) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/stack/items/" + i24 + "/width",
																																						schemaPath: "#/properties/stack/properties/items/items/properties/width/maximum",
																																						keyword: "maximum",
																																						params: {
																																							comparison: "<=",
																																							limit: 900
																																						},
																																						message: "must be <= 900"
																																					}];
																																					return false;
																																				} else if (data250 < 20 || isNaN(data250)) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/stack/items/" + i24 + "/width",
																																						schemaPath: "#/properties/stack/properties/items/items/properties/width/minimum",
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
																																					instancePath: instancePath + "/stack/items/" + i24 + "/width",
																																					schemaPath: "#/properties/stack/properties/items/items/properties/width/type",
																																					keyword: "type",
																																					params: { type: "number" },
																																					message: "must be number"
																																				}];
																																				return false;
																																			}
																																			var valid69 = true;
																																		} else var valid69 = true;
																																		if (valid69) {
																																			if (data245.weight !== void 0) {
																																				let data251 = data245.weight;
																																				if (typeof data251 == "number" && isFinite(data251)) {
																																					if (data251 > 5e4 || isNaN(data251)) {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/stack/items/" + i24 + "/weight",
																																							schemaPath: "#/properties/stack/properties/items/items/properties/weight/maximum",
																																							keyword: "maximum",
																																							params: {
																																								comparison: "<=",
																																								limit: 5e4
																																							},
																																							message: "must be <= 50000"
																																						}];
																																						return false;
																																					} else if (data251 < 1 || isNaN(data251)) {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/stack/items/" + i24 + "/weight",
																																							schemaPath: "#/properties/stack/properties/items/items/properties/weight/minimum",
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
																																						instancePath: instancePath + "/stack/items/" + i24 + "/weight",
																																						schemaPath: "#/properties/stack/properties/items/items/properties/weight/type",
																																						keyword: "type",
																																						params: { type: "number" },
																																						message: "must be number"
																																					}];
																																					return false;
																																				}
																																				var valid69 = true;
																																			} else var valid69 = true;
																																			if (valid69) {
																																				if (data245.made !== void 0) {
																																					let data252 = data245.made;
																																					if (typeof data252 !== "string") {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/stack/items/" + i24 + "/made",
																																							schemaPath: "#/properties/stack/properties/items/items/properties/made/type",
																																							keyword: "type",
																																							params: { type: "string" },
																																							message: "must be string"
																																						}];
																																						return false;
																																					}
																																					if (!(data252 === "mdf" || data252 === "plywood")) {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/stack/items/" + i24 + "/made",
																																							schemaPath: "#/properties/stack/properties/items/items/properties/made/enum",
																																							keyword: "enum",
																																							params: { allowedValues: schema31.properties.stack.properties.items.items.properties.made.enum },
																																							message: "must be equal to one of the allowed values"
																																						}];
																																						return false;
																																					}
																																					var valid69 = true;
																																				} else var valid69 = true;
																																			}
																																		}
																																	}
																																}
																															}
																														}
																													}
																												} else {
																													validate20.errors = [{
																														instancePath: instancePath + "/stack/items/" + i24,
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
																									var valid67 = true;
																								} else var valid67 = true;
																								if (valid67) {
																									if (data242.cutAt !== void 0) {
																										let data253 = data242.cutAt;
																										if (typeof data253 == "number" && isFinite(data253)) {
																											if (data253 > 3e3 || isNaN(data253)) {
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
																											} else if (data253 < 0 || isNaN(data253)) {
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
																										var valid67 = true;
																									} else var valid67 = true;
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
																						let data254 = data.reserves;
																						if (Array.isArray(data254)) {
																							if (data254.length > 200) {
																								validate20.errors = [{
																									instancePath: instancePath + "/reserves",
																									schemaPath: "#/properties/reserves/maxItems",
																									keyword: "maxItems",
																									params: { limit: 200 },
																									message: "must NOT have more than 200 items"
																								}];
																								return false;
																							} else if (data254.length < 0) {
																								validate20.errors = [{
																									instancePath: instancePath + "/reserves",
																									schemaPath: "#/properties/reserves/minItems",
																									keyword: "minItems",
																									params: { limit: 0 },
																									message: "must NOT have fewer than 0 items"
																								}];
																								return false;
																							} else {
																								const len25 = data254.length;
																								for (let i25 = 0; i25 < len25; i25++) {
																									let data255 = data254[i25];
																									if (data255 && typeof data255 == "object" && !Array.isArray(data255)) {
																										let missing39;
																										if (data255.stock === void 0 && (missing39 = "stock") || data255.name === void 0 && (missing39 = "name") || data255.batch === void 0 && (missing39 = "batch") || data255.grams === void 0 && (missing39 = "grams") || data255.recolour === void 0 && (missing39 = "recolour") || data255.allergens === void 0 && (missing39 = "allergens")) {
																											validate20.errors = [{
																												instancePath: instancePath + "/reserves/" + i25,
																												schemaPath: "#/properties/reserves/items/required",
																												keyword: "required",
																												params: { missingProperty: missing39 },
																												message: "must have required property '" + missing39 + "'"
																											}];
																											return false;
																										} else {
																											for (const key46 in data255) if (!(key46 === "stock" || key46 === "name" || key46 === "batch" || key46 === "grams" || key46 === "recolour" || key46 === "allergens" || key46 === "keepBy")) {
																												validate20.errors = [{
																													instancePath: instancePath + "/reserves/" + i25,
																													schemaPath: "#/properties/reserves/items/additionalProperties",
																													keyword: "additionalProperties",
																													params: { additionalProperty: key46 },
																													message: "must NOT have additional properties"
																												}];
																												return false;
																											}
																											if (data255.stock !== void 0) {
																												let data256 = data255.stock;
																												if (typeof data256 === "string") {
																													if (func2(data256) > 80) {
																														validate20.errors = [{
																															instancePath: instancePath + "/reserves/" + i25 + "/stock",
																															schemaPath: "#/properties/reserves/items/properties/stock/maxLength",
																															keyword: "maxLength",
																															params: { limit: 80 },
																															message: "must NOT have more than 80 characters"
																														}];
																														return false;
																													} else if (func2(data256) < 1) {
																														validate20.errors = [{
																															instancePath: instancePath + "/reserves/" + i25 + "/stock",
																															schemaPath: "#/properties/reserves/items/properties/stock/minLength",
																															keyword: "minLength",
																															params: { limit: 1 },
																															message: "must NOT have fewer than 1 characters"
																														}];
																														return false;
																													}
																												} else {
																													validate20.errors = [{
																														instancePath: instancePath + "/reserves/" + i25 + "/stock",
																														schemaPath: "#/properties/reserves/items/properties/stock/type",
																														keyword: "type",
																														params: { type: "string" },
																														message: "must be string"
																													}];
																													return false;
																												}
																												var valid71 = true;
																											} else var valid71 = true;
																											if (valid71) {
																												if (data255.name !== void 0) {
																													let data257 = data255.name;
																													if (typeof data257 === "string") {
																														if (func2(data257) > 120) {
																															validate20.errors = [{
																																instancePath: instancePath + "/reserves/" + i25 + "/name",
																																schemaPath: "#/properties/reserves/items/properties/name/maxLength",
																																keyword: "maxLength",
																																params: { limit: 120 },
																																message: "must NOT have more than 120 characters"
																															}];
																															return false;
																														} else if (func2(data257) < 1) {
																															validate20.errors = [{
																																instancePath: instancePath + "/reserves/" + i25 + "/name",
																																schemaPath: "#/properties/reserves/items/properties/name/minLength",
																																keyword: "minLength",
																																params: { limit: 1 },
																																message: "must NOT have fewer than 1 characters"
																															}];
																															return false;
																														}
																													} else {
																														validate20.errors = [{
																															instancePath: instancePath + "/reserves/" + i25 + "/name",
																															schemaPath: "#/properties/reserves/items/properties/name/type",
																															keyword: "type",
																															params: { type: "string" },
																															message: "must be string"
																														}];
																														return false;
																													}
																													var valid71 = true;
																												} else var valid71 = true;
																												if (valid71) {
																													if (data255.batch !== void 0) {
																														let data258 = data255.batch;
																														if (typeof data258 === "string") {
																															if (func2(data258) > 130) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/reserves/" + i25 + "/batch",
																																	schemaPath: "#/properties/reserves/items/properties/batch/maxLength",
																																	keyword: "maxLength",
																																	params: { limit: 130 },
																																	message: "must NOT have more than 130 characters"
																																}];
																																return false;
																															}
																														} else {
																															validate20.errors = [{
																																instancePath: instancePath + "/reserves/" + i25 + "/batch",
																																schemaPath: "#/properties/reserves/items/properties/batch/type",
																																keyword: "type",
																																params: { type: "string" },
																																message: "must be string"
																															}];
																															return false;
																														}
																														var valid71 = true;
																													} else var valid71 = true;
																													if (valid71) {
																														if (data255.grams !== void 0) {
																															let data259 = data255.grams;
																															if (typeof data259 == "number" && isFinite(data259)) {
																																if (data259 > 1e5 || isNaN(data259)) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/reserves/" + i25 + "/grams",
																																		schemaPath: "#/properties/reserves/items/properties/grams/maximum",
																																		keyword: "maximum",
																																		params: {
																																			comparison: "<=",
																																			limit: 1e5
																																		},
																																		message: "must be <= 100000"
																																	}];
																																	return false;
																																} else if (data259 < 0 || isNaN(data259)) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/reserves/" + i25 + "/grams",
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
																																	instancePath: instancePath + "/reserves/" + i25 + "/grams",
																																	schemaPath: "#/properties/reserves/items/properties/grams/type",
																																	keyword: "type",
																																	params: { type: "number" },
																																	message: "must be number"
																																}];
																																return false;
																															}
																															var valid71 = true;
																														} else var valid71 = true;
																														if (valid71) {
																															if (data255.recolour !== void 0) {
																																if (typeof data255.recolour !== "boolean") {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/reserves/" + i25 + "/recolour",
																																		schemaPath: "#/properties/reserves/items/properties/recolour/type",
																																		keyword: "type",
																																		params: { type: "boolean" },
																																		message: "must be boolean"
																																	}];
																																	return false;
																																}
																																var valid71 = true;
																															} else var valid71 = true;
																															if (valid71) {
																																if (data255.allergens !== void 0) {
																																	let data261 = data255.allergens;
																																	if (Array.isArray(data261)) {
																																		if (data261.length > 20) {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/reserves/" + i25 + "/allergens",
																																				schemaPath: "#/properties/reserves/items/properties/allergens/maxItems",
																																				keyword: "maxItems",
																																				params: { limit: 20 },
																																				message: "must NOT have more than 20 items"
																																			}];
																																			return false;
																																		} else if (data261.length < 0) {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/reserves/" + i25 + "/allergens",
																																				schemaPath: "#/properties/reserves/items/properties/allergens/minItems",
																																				keyword: "minItems",
																																				params: { limit: 0 },
																																				message: "must NOT have fewer than 0 items"
																																			}];
																																			return false;
																																		} else {
																																			const len26 = data261.length;
																																			for (let i26 = 0; i26 < len26; i26++) {
																																				let data262 = data261[i26];
																																				if (typeof data262 === "string") {
																																					if (func2(data262) > 60) {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/reserves/" + i25 + "/allergens/" + i26,
																																							schemaPath: "#/properties/reserves/items/properties/allergens/items/maxLength",
																																							keyword: "maxLength",
																																							params: { limit: 60 },
																																							message: "must NOT have more than 60 characters"
																																						}];
																																						return false;
																																					}
																																				} else {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/reserves/" + i25 + "/allergens/" + i26,
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
																																			instancePath: instancePath + "/reserves/" + i25 + "/allergens",
																																			schemaPath: "#/properties/reserves/items/properties/allergens/type",
																																			keyword: "type",
																																			params: { type: "array" },
																																			message: "must be array"
																																		}];
																																		return false;
																																	}
																																	var valid71 = true;
																																} else var valid71 = true;
																																if (valid71) {
																																	if (data255.keepBy !== void 0) {
																																		let data263 = data255.keepBy;
																																		if (typeof data263 === "string") {
																																			if (!pattern21.test(data263)) {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/reserves/" + i25 + "/keepBy",
																																					schemaPath: "#/properties/reserves/items/properties/keepBy/pattern",
																																					keyword: "pattern",
																																					params: { pattern: "^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$" },
																																					message: "must match pattern \"^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$\""
																																				}];
																																				return false;
																																			}
																																		} else {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/reserves/" + i25 + "/keepBy",
																																				schemaPath: "#/properties/reserves/items/properties/keepBy/type",
																																				keyword: "type",
																																				params: { type: "string" },
																																				message: "must be string"
																																			}];
																																			return false;
																																		}
																																		var valid71 = true;
																																	} else var valid71 = true;
																																}
																															}
																														}
																													}
																												}
																											}
																										}
																									} else {
																										validate20.errors = [{
																											instancePath: instancePath + "/reserves/" + i25,
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
																						if (data.measured !== void 0) {
																							let data264 = data.measured;
																							if (Array.isArray(data264)) {
																								if (data264.length > 100) {
																									validate20.errors = [{
																										instancePath: instancePath + "/measured",
																										schemaPath: "#/properties/measured/maxItems",
																										keyword: "maxItems",
																										params: { limit: 100 },
																										message: "must NOT have more than 100 items"
																									}];
																									return false;
																								} else if (data264.length < 0) {
																									validate20.errors = [{
																										instancePath: instancePath + "/measured",
																										schemaPath: "#/properties/measured/minItems",
																										keyword: "minItems",
																										params: { limit: 0 },
																										message: "must NOT have fewer than 0 items"
																									}];
																									return false;
																								} else {
																									const len27 = data264.length;
																									for (let i27 = 0; i27 < len27; i27++) {
																										let data265 = data264[i27];
																										if (data265 && typeof data265 == "object" && !Array.isArray(data265)) {
																											let missing40;
																											if (data265.id === void 0 && (missing40 = "id") || data265.test === void 0 && (missing40 = "test") || data265.of === void 0 && (missing40 = "of") || data265.on === void 0 && (missing40 = "on") || data265.readings === void 0 && (missing40 = "readings")) {
																												validate20.errors = [{
																													instancePath: instancePath + "/measured/" + i27,
																													schemaPath: "#/properties/measured/items/required",
																													keyword: "required",
																													params: { missingProperty: missing40 },
																													message: "must have required property '" + missing40 + "'"
																												}];
																												return false;
																											} else {
																												for (const key47 in data265) if (!(key47 === "id" || key47 === "test" || key47 === "of" || key47 === "on" || key47 === "readings")) {
																													validate20.errors = [{
																														instancePath: instancePath + "/measured/" + i27,
																														schemaPath: "#/properties/measured/items/additionalProperties",
																														keyword: "additionalProperties",
																														params: { additionalProperty: key47 },
																														message: "must NOT have additional properties"
																													}];
																													return false;
																												}
																												if (data265.id !== void 0) {
																													let data266 = data265.id;
																													if (typeof data266 === "string") {
																														if (!pattern5.test(data266)) {
																															validate20.errors = [{
																																instancePath: instancePath + "/measured/" + i27 + "/id",
																																schemaPath: "#/properties/measured/items/properties/id/pattern",
																																keyword: "pattern",
																																params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																																message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																															}];
																															return false;
																														}
																													} else {
																														validate20.errors = [{
																															instancePath: instancePath + "/measured/" + i27 + "/id",
																															schemaPath: "#/properties/measured/items/properties/id/type",
																															keyword: "type",
																															params: { type: "string" },
																															message: "must be string"
																														}];
																														return false;
																													}
																													var valid74 = true;
																												} else var valid74 = true;
																												if (valid74) {
																													if (data265.test !== void 0) {
																														let data267 = data265.test;
																														if (typeof data267 !== "string") {
																															validate20.errors = [{
																																instancePath: instancePath + "/measured/" + i27 + "/test",
																																schemaPath: "#/properties/measured/items/properties/test/type",
																																keyword: "type",
																																params: { type: "string" },
																																message: "must be string"
																															}];
																															return false;
																														}
																														if (!(data267 === "press" || data267 === "pull" || data267 === "bend" || data267 === "spring" || data267 === "tab")) {
																															validate20.errors = [{
																																instancePath: instancePath + "/measured/" + i27 + "/test",
																																schemaPath: "#/properties/measured/items/properties/test/enum",
																																keyword: "enum",
																																params: { allowedValues: schema31.properties.measured.items.properties.test.enum },
																																message: "must be equal to one of the allowed values"
																															}];
																															return false;
																														}
																														var valid74 = true;
																													} else var valid74 = true;
																													if (valid74) {
																														if (data265.of !== void 0) {
																															let data268 = data265.of;
																															if (typeof data268 === "string") {
																																if (func2(data268) > 60) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/measured/" + i27 + "/of",
																																		schemaPath: "#/properties/measured/items/properties/of/maxLength",
																																		keyword: "maxLength",
																																		params: { limit: 60 },
																																		message: "must NOT have more than 60 characters"
																																	}];
																																	return false;
																																} else if (func2(data268) < 1) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/measured/" + i27 + "/of",
																																		schemaPath: "#/properties/measured/items/properties/of/minLength",
																																		keyword: "minLength",
																																		params: { limit: 1 },
																																		message: "must NOT have fewer than 1 characters"
																																	}];
																																	return false;
																																}
																															} else {
																																validate20.errors = [{
																																	instancePath: instancePath + "/measured/" + i27 + "/of",
																																	schemaPath: "#/properties/measured/items/properties/of/type",
																																	keyword: "type",
																																	params: { type: "string" },
																																	message: "must be string"
																																}];
																																return false;
																															}
																															var valid74 = true;
																														} else var valid74 = true;
																														if (valid74) {
																															if (data265.on !== void 0) {
																																let data269 = data265.on;
																																if (typeof data269 === "string") {
																																	if (!pattern21.test(data269)) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/measured/" + i27 + "/on",
																																			schemaPath: "#/properties/measured/items/properties/on/pattern",
																																			keyword: "pattern",
																																			params: { pattern: "^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$" },
																																			message: "must match pattern \"^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$\""
																																		}];
																																		return false;
																																	}
																																} else {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/measured/" + i27 + "/on",
																																		schemaPath: "#/properties/measured/items/properties/on/type",
																																		keyword: "type",
																																		params: { type: "string" },
																																		message: "must be string"
																																	}];
																																	return false;
																																}
																																var valid74 = true;
																															} else var valid74 = true;
																															if (valid74) {
																																if (data265.readings !== void 0) {
																																	let data270 = data265.readings;
																																	if (data270 && typeof data270 == "object" && !Array.isArray(data270)) {
																																		if (Object.keys(data270).length > 8) {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/measured/" + i27 + "/readings",
																																				schemaPath: "#/properties/measured/items/properties/readings/maxProperties",
																																				keyword: "maxProperties",
																																				params: { limit: 8 },
																																				message: "must NOT have more than 8 properties"
																																			}];
																																			return false;
																																		} else for (const key48 in data270) {
																																			let data271 = data270[key48];
																																			if (typeof data271 == "number" && isFinite(data271)) {
																																				if (data271 > 5e4 || isNaN(data271)) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/measured/" + i27 + "/readings/" + key48.replace(/~/g, "~0").replace(/\//g, "~1"),
																																						schemaPath: "#/properties/measured/items/properties/readings/additionalProperties/maximum",
																																						keyword: "maximum",
																																						params: {
																																							comparison: "<=",
																																							limit: 5e4
																																						},
																																						message: "must be <= 50000"
																																					}];
																																					return false;
																																				} else if (data271 < 0 || isNaN(data271)) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/measured/" + i27 + "/readings/" + key48.replace(/~/g, "~0").replace(/\//g, "~1"),
																																						schemaPath: "#/properties/measured/items/properties/readings/additionalProperties/minimum",
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
																																					instancePath: instancePath + "/measured/" + i27 + "/readings/" + key48.replace(/~/g, "~0").replace(/\//g, "~1"),
																																					schemaPath: "#/properties/measured/items/properties/readings/additionalProperties/type",
																																					keyword: "type",
																																					params: { type: "number" },
																																					message: "must be number"
																																				}];
																																				return false;
																																			}
																																		}
																																	} else {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/measured/" + i27 + "/readings",
																																			schemaPath: "#/properties/measured/items/properties/readings/type",
																																			keyword: "type",
																																			params: { type: "object" },
																																			message: "must be object"
																																		}];
																																		return false;
																																	}
																																	var valid74 = true;
																																} else var valid74 = true;
																															}
																														}
																													}
																												}
																											}
																										} else {
																											validate20.errors = [{
																												instancePath: instancePath + "/measured/" + i27,
																												schemaPath: "#/properties/measured/items/type",
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
																									instancePath: instancePath + "/measured",
																									schemaPath: "#/properties/measured/type",
																									keyword: "type",
																									params: { type: "array" },
																									message: "must be array"
																								}];
																								return false;
																							}
																							var valid0 = true;
																						} else var valid0 = true;
																						if (valid0) {
																							if (data.log !== void 0) {
																								let data272 = data.log;
																								if (Array.isArray(data272)) {
																									if (data272.length > 2e3) {
																										validate20.errors = [{
																											instancePath: instancePath + "/log",
																											schemaPath: "#/properties/log/maxItems",
																											keyword: "maxItems",
																											params: { limit: 2e3 },
																											message: "must NOT have more than 2000 items"
																										}];
																										return false;
																									} else if (data272.length < 0) {
																										validate20.errors = [{
																											instancePath: instancePath + "/log",
																											schemaPath: "#/properties/log/minItems",
																											keyword: "minItems",
																											params: { limit: 0 },
																											message: "must NOT have fewer than 0 items"
																										}];
																										return false;
																									} else {
																										const len28 = data272.length;
																										for (let i28 = 0; i28 < len28; i28++) {
																											let data273 = data272[i28];
																											if (data273 && typeof data273 == "object" && !Array.isArray(data273)) {
																												let missing41;
																												if (data273.id === void 0 && (missing41 = "id") || data273.at === void 0 && (missing41 = "at") || data273.build === void 0 && (missing41 = "build") || data273.piece === void 0 && (missing41 = "piece") || data273.question === void 0 && (missing41 = "question") || data273.saw === void 0 && (missing41 = "saw") || data273.minutes === void 0 && (missing41 = "minutes") || data273.note === void 0 && (missing41 = "note") || data273.paste === void 0 && (missing41 = "paste") || data273.body === void 0 && (missing41 = "body") || data273.spells === void 0 && (missing41 = "spells") || data273.duty === void 0 && (missing41 = "duty")) {
																													validate20.errors = [{
																														instancePath: instancePath + "/log/" + i28,
																														schemaPath: "#/properties/log/items/required",
																														keyword: "required",
																														params: { missingProperty: missing41 },
																														message: "must have required property '" + missing41 + "'"
																													}];
																													return false;
																												} else {
																													for (const key49 in data273) if (!func1.call(schema31.properties.log.items.properties, key49)) {
																														validate20.errors = [{
																															instancePath: instancePath + "/log/" + i28,
																															schemaPath: "#/properties/log/items/additionalProperties",
																															keyword: "additionalProperties",
																															params: { additionalProperty: key49 },
																															message: "must NOT have additional properties"
																														}];
																														return false;
																													}
																													if (data273.id !== void 0) {
																														let data274 = data273.id;
																														if (typeof data274 === "string") {
																															if (func2(data274) > 80) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/log/" + i28 + "/id",
																																	schemaPath: "#/properties/log/items/properties/id/maxLength",
																																	keyword: "maxLength",
																																	params: { limit: 80 },
																																	message: "must NOT have more than 80 characters"
																																}];
																																return false;
																															} else if (func2(data274) < 1) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/log/" + i28 + "/id",
																																	schemaPath: "#/properties/log/items/properties/id/minLength",
																																	keyword: "minLength",
																																	params: { limit: 1 },
																																	message: "must NOT have fewer than 1 characters"
																																}];
																																return false;
																															}
																														} else {
																															validate20.errors = [{
																																instancePath: instancePath + "/log/" + i28 + "/id",
																																schemaPath: "#/properties/log/items/properties/id/type",
																																keyword: "type",
																																params: { type: "string" },
																																message: "must be string"
																															}];
																															return false;
																														}
																														var valid77 = true;
																													} else var valid77 = true;
																													if (valid77) {
																														if (data273.at !== void 0) {
																															let data275 = data273.at;
																															if (typeof data275 === "string") {
																																if (func2(data275) > 40) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/log/" + i28 + "/at",
																																		schemaPath: "#/properties/log/items/properties/at/maxLength",
																																		keyword: "maxLength",
																																		params: { limit: 40 },
																																		message: "must NOT have more than 40 characters"
																																	}];
																																	return false;
																																}
																															} else {
																																validate20.errors = [{
																																	instancePath: instancePath + "/log/" + i28 + "/at",
																																	schemaPath: "#/properties/log/items/properties/at/type",
																																	keyword: "type",
																																	params: { type: "string" },
																																	message: "must be string"
																																}];
																																return false;
																															}
																															var valid77 = true;
																														} else var valid77 = true;
																														if (valid77) {
																															if (data273.build !== void 0) {
																																let data276 = data273.build;
																																if (typeof data276 === "string") {
																																	if (func2(data276) > 120) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/log/" + i28 + "/build",
																																			schemaPath: "#/properties/log/items/properties/build/maxLength",
																																			keyword: "maxLength",
																																			params: { limit: 120 },
																																			message: "must NOT have more than 120 characters"
																																		}];
																																		return false;
																																	}
																																} else {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/log/" + i28 + "/build",
																																		schemaPath: "#/properties/log/items/properties/build/type",
																																		keyword: "type",
																																		params: { type: "string" },
																																		message: "must be string"
																																	}];
																																	return false;
																																}
																																var valid77 = true;
																															} else var valid77 = true;
																															if (valid77) {
																																if (data273.piece !== void 0) {
																																	let data277 = data273.piece;
																																	if (typeof data277 === "string") {
																																		if (func2(data277) > 120) {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/log/" + i28 + "/piece",
																																				schemaPath: "#/properties/log/items/properties/piece/maxLength",
																																				keyword: "maxLength",
																																				params: { limit: 120 },
																																				message: "must NOT have more than 120 characters"
																																			}];
																																			return false;
																																		}
																																	} else {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/log/" + i28 + "/piece",
																																			schemaPath: "#/properties/log/items/properties/piece/type",
																																			keyword: "type",
																																			params: { type: "string" },
																																			message: "must be string"
																																		}];
																																		return false;
																																	}
																																	var valid77 = true;
																																} else var valid77 = true;
																																if (valid77) {
																																	if (data273.buildId !== void 0) {
																																		let data278 = data273.buildId;
																																		if (typeof data278 === "string") {
																																			if (func2(data278) > 80) {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/log/" + i28 + "/buildId",
																																					schemaPath: "#/properties/log/items/properties/buildId/maxLength",
																																					keyword: "maxLength",
																																					params: { limit: 80 },
																																					message: "must NOT have more than 80 characters"
																																				}];
																																				return false;
																																			} else if (func2(data278) < 1) {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/log/" + i28 + "/buildId",
																																					schemaPath: "#/properties/log/items/properties/buildId/minLength",
																																					keyword: "minLength",
																																					params: { limit: 1 },
																																					message: "must NOT have fewer than 1 characters"
																																				}];
																																				return false;
																																			}
																																		} else {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/log/" + i28 + "/buildId",
																																				schemaPath: "#/properties/log/items/properties/buildId/type",
																																				keyword: "type",
																																				params: { type: "string" },
																																				message: "must be string"
																																			}];
																																			return false;
																																		}
																																		var valid77 = true;
																																	} else var valid77 = true;
																																	if (valid77) {
																																		if (data273.pieceId !== void 0) {
																																			let data279 = data273.pieceId;
																																			if (typeof data279 === "string") {
																																				if (!pattern5.test(data279)) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/log/" + i28 + "/pieceId",
																																						schemaPath: "#/properties/log/items/properties/pieceId/pattern",
																																						keyword: "pattern",
																																						params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																																						message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																																					}];
																																					return false;
																																				}
																																			} else {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/log/" + i28 + "/pieceId",
																																					schemaPath: "#/properties/log/items/properties/pieceId/type",
																																					keyword: "type",
																																					params: { type: "string" },
																																					message: "must be string"
																																				}];
																																				return false;
																																			}
																																			var valid77 = true;
																																		} else var valid77 = true;
																																		if (valid77) {
																																			if (data273.question !== void 0) {
																																				let data280 = data273.question;
																																				if (typeof data280 !== "string") {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/log/" + i28 + "/question",
																																						schemaPath: "#/properties/log/items/properties/question/type",
																																						keyword: "type",
																																						params: { type: "string" },
																																						message: "must be string"
																																					}];
																																					return false;
																																				}
																																				if (!(data280 === "tack" || data280 === "skin" || data280 === "touch" || data280 === "pose" || data280 === "handle" || data280 === "bear" || data280 === "stand" || data280 === "hard" || data280 === "dry" || data280 === "stick" || data280 === "texture" || data280 === "bend")) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/log/" + i28 + "/question",
																																						schemaPath: "#/properties/log/items/properties/question/enum",
																																						keyword: "enum",
																																						params: { allowedValues: schema31.properties.log.items.properties.question.enum },
																																						message: "must be equal to one of the allowed values"
																																					}];
																																					return false;
																																				}
																																				var valid77 = true;
																																			} else var valid77 = true;
																																			if (valid77) {
																																				if (data273.saw !== void 0) {
																																					let data281 = data273.saw;
																																					if (typeof data281 !== "string") {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/log/" + i28 + "/saw",
																																							schemaPath: "#/properties/log/items/properties/saw/type",
																																							keyword: "type",
																																							params: { type: "string" },
																																							message: "must be string"
																																						}];
																																						return false;
																																					}
																																					if (!(data281 === "just" || data281 === "yes" || data281 === "not" || data281 === "cracked" || data281 === "sagged" || data281 === "squashed")) {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/log/" + i28 + "/saw",
																																							schemaPath: "#/properties/log/items/properties/saw/enum",
																																							keyword: "enum",
																																							params: { allowedValues: schema31.properties.log.items.properties.saw.enum },
																																							message: "must be equal to one of the allowed values"
																																						}];
																																						return false;
																																					}
																																					var valid77 = true;
																																				} else var valid77 = true;
																																				if (valid77) {
																																					if (data273.minutes !== void 0) {
																																						let data282 = data273.minutes;
																																						if (typeof data282 == "number" && isFinite(data282)) {
																																							if (data282 > 43200 || isNaN(data282)) {
																																								validate20.errors = [{
																																									instancePath: instancePath + "/log/" + i28 + "/minutes",
																																									schemaPath: "#/properties/log/items/properties/minutes/maximum",
																																									keyword: "maximum",
																																									params: {
																																										comparison: "<=",
																																										limit: 43200
																																									},
																																									message: "must be <= 43200"
																																								}];
																																								return false;
																																							} else if (data282 < .1 || isNaN(data282)) {
																																								validate20.errors = [{
																																									instancePath: instancePath + "/log/" + i28 + "/minutes",
																																									schemaPath: "#/properties/log/items/properties/minutes/minimum",
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
																																								instancePath: instancePath + "/log/" + i28 + "/minutes",
																																								schemaPath: "#/properties/log/items/properties/minutes/type",
																																								keyword: "type",
																																								params: { type: "number" },
																																								message: "must be number"
																																							}];
																																							return false;
																																						}
																																						var valid77 = true;
																																					} else var valid77 = true;
																																					if (valid77) {
																																						if (data273.note !== void 0) {
																																							let data283 = data273.note;
																																							if (typeof data283 === "string") {
																																								if (func2(data283) > 1e3) {
																																									validate20.errors = [{
																																										instancePath: instancePath + "/log/" + i28 + "/note",
																																										schemaPath: "#/properties/log/items/properties/note/maxLength",
																																										keyword: "maxLength",
																																										params: { limit: 1e3 },
																																										message: "must NOT have more than 1000 characters"
																																									}];
																																									return false;
																																								}
																																							} else {
																																								validate20.errors = [{
																																									instancePath: instancePath + "/log/" + i28 + "/note",
																																									schemaPath: "#/properties/log/items/properties/note/type",
																																									keyword: "type",
																																									params: { type: "string" },
																																									message: "must be string"
																																								}];
																																								return false;
																																							}
																																							var valid77 = true;
																																						} else var valid77 = true;
																																						if (valid77) {
																																							if (data273.picture !== void 0) {
																																								let data284 = data273.picture;
																																								if (typeof data284 === "string") {
																																									if (func2(data284) > 80) {
																																										validate20.errors = [{
																																											instancePath: instancePath + "/log/" + i28 + "/picture",
																																											schemaPath: "#/properties/log/items/properties/picture/maxLength",
																																											keyword: "maxLength",
																																											params: { limit: 80 },
																																											message: "must NOT have more than 80 characters"
																																										}];
																																										return false;
																																									}
																																								} else {
																																									validate20.errors = [{
																																										instancePath: instancePath + "/log/" + i28 + "/picture",
																																										schemaPath: "#/properties/log/items/properties/picture/type",
																																										keyword: "type",
																																										params: { type: "string" },
																																										message: "must be string"
																																									}];
																																									return false;
																																								}
																																								var valid77 = true;
																																							} else var valid77 = true;
																																							if (valid77) {
																																								if (data273.paste !== void 0) {
																																									let data285 = data273.paste;
																																									if (data285 && typeof data285 == "object" && !Array.isArray(data285)) {
																																										let missing42;
																																										if (data285.base === void 0 && (missing42 = "base") || data285.gumPaste === void 0 && (missing42 = "gumPaste") || data285.powder === void 0 && (missing42 = "powder")) {
																																											validate20.errors = [{
																																												instancePath: instancePath + "/log/" + i28 + "/paste",
																																												schemaPath: "#/properties/log/items/properties/paste/required",
																																												keyword: "required",
																																												params: { missingProperty: missing42 },
																																												message: "must have required property '" + missing42 + "'"
																																											}];
																																											return false;
																																										} else {
																																											for (const key50 in data285) if (!(key50 === "base" || key50 === "gumPaste" || key50 === "powder")) {
																																												validate20.errors = [{
																																													instancePath: instancePath + "/log/" + i28 + "/paste",
																																													schemaPath: "#/properties/log/items/properties/paste/additionalProperties",
																																													keyword: "additionalProperties",
																																													params: { additionalProperty: key50 },
																																													message: "must NOT have additional properties"
																																												}];
																																												return false;
																																											}
																																											if (data285.base !== void 0) {
																																												let data286 = data285.base;
																																												if (typeof data286 !== "string") {
																																													validate20.errors = [{
																																														instancePath: instancePath + "/log/" + i28 + "/paste/base",
																																														schemaPath: "#/properties/log/items/properties/paste/properties/base/type",
																																														keyword: "type",
																																														params: { type: "string" },
																																														message: "must be string"
																																													}];
																																													return false;
																																												}
																																												if (!(data286 === "fondant" || data286 === "gumPaste" || data286 === "modellingPaste" || data286 === "marzipan" || data286 === "chocolateDark" || data286 === "chocolateMilk" || data286 === "chocolateWhite" || data286 === "chocolateCompound" || data286 === "royalIcing")) {
																																													validate20.errors = [{
																																														instancePath: instancePath + "/log/" + i28 + "/paste/base",
																																														schemaPath: "#/properties/log/items/properties/paste/properties/base/enum",
																																														keyword: "enum",
																																														params: { allowedValues: schema31.properties.log.items.properties.paste.properties.base.enum },
																																														message: "must be equal to one of the allowed values"
																																													}];
																																													return false;
																																												}
																																												var valid78 = true;
																																											} else var valid78 = true;
																																											if (valid78) {
																																												if (data285.gumPaste !== void 0) {
																																													let data287 = data285.gumPaste;
																																													if (typeof data287 == "number" && isFinite(data287)) {
																																														if (data287 > 100 || isNaN(data287)) {
																																															validate20.errors = [{
																																																instancePath: instancePath + "/log/" + i28 + "/paste/gumPaste",
																																																schemaPath: "#/properties/log/items/properties/paste/properties/gumPaste/maximum",
																																																keyword: "maximum",
																																																params: {
																																																	comparison: "<=",
																																																	limit: 100
																																																},
																																																message: "must be <= 100"
																																															}];
																																															return false;
																																														} else if (data287 < 0 || isNaN(data287)) {
																																															validate20.errors = [{
																																																instancePath: instancePath + "/log/" + i28 + "/paste/gumPaste",
																																																schemaPath: "#/properties/log/items/properties/paste/properties/gumPaste/minimum",
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
																																															instancePath: instancePath + "/log/" + i28 + "/paste/gumPaste",
																																															schemaPath: "#/properties/log/items/properties/paste/properties/gumPaste/type",
																																															keyword: "type",
																																															params: { type: "number" },
																																															message: "must be number"
																																														}];
																																														return false;
																																													}
																																													var valid78 = true;
																																												} else var valid78 = true;
																																												if (valid78) {
																																													if (data285.powder !== void 0) {
																																														let data288 = data285.powder;
																																														if (typeof data288 == "number" && isFinite(data288)) {
																																															if (data288 > 5 || isNaN(data288)) {
																																																validate20.errors = [{
																																																	instancePath: instancePath + "/log/" + i28 + "/paste/powder",
																																																	schemaPath: "#/properties/log/items/properties/paste/properties/powder/maximum",
																																																	keyword: "maximum",
																																																	params: {
																																																		comparison: "<=",
																																																		limit: 5
																																																	},
																																																	message: "must be <= 5"
																																																}];
																																																return false;
																																															} else if (data288 < 0 || isNaN(data288)) {
																																																validate20.errors = [{
																																																	instancePath: instancePath + "/log/" + i28 + "/paste/powder",
																																																	schemaPath: "#/properties/log/items/properties/paste/properties/powder/minimum",
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
																																																instancePath: instancePath + "/log/" + i28 + "/paste/powder",
																																																schemaPath: "#/properties/log/items/properties/paste/properties/powder/type",
																																																keyword: "type",
																																																params: { type: "number" },
																																																message: "must be number"
																																															}];
																																															return false;
																																														}
																																														var valid78 = true;
																																													} else var valid78 = true;
																																												}
																																											}
																																										}
																																									} else {
																																										validate20.errors = [{
																																											instancePath: instancePath + "/log/" + i28 + "/paste",
																																											schemaPath: "#/properties/log/items/properties/paste/type",
																																											keyword: "type",
																																											params: { type: "object" },
																																											message: "must be object"
																																										}];
																																										return false;
																																									}
																																									var valid77 = true;
																																								} else var valid77 = true;
																																								if (valid77) {
																																									if (data273.body !== void 0) {
																																										let data289 = data273.body;
																																										if (data289 && typeof data289 == "object" && !Array.isArray(data289)) {
																																											let missing43;
																																											if (data289.volume === void 0 && (missing43 = "volume") || data289.area === void 0 && (missing43 = "area") || data289.depth === void 0 && (missing43 = "depth") || data289.facing === void 0 && (missing43 = "facing") || data289.thickness === void 0 && (missing43 = "thickness") || data289.kind === void 0 && (missing43 = "kind") || data289.coat === void 0 && (missing43 = "coat")) {
																																												validate20.errors = [{
																																													instancePath: instancePath + "/log/" + i28 + "/body",
																																													schemaPath: "#/properties/log/items/properties/body/required",
																																													keyword: "required",
																																													params: { missingProperty: missing43 },
																																													message: "must have required property '" + missing43 + "'"
																																												}];
																																												return false;
																																											} else {
																																												for (const key51 in data289) if (!(key51 === "volume" || key51 === "area" || key51 === "depth" || key51 === "facing" || key51 === "thickness" || key51 === "kind" || key51 === "coat")) {
																																													validate20.errors = [{
																																														instancePath: instancePath + "/log/" + i28 + "/body",
																																														schemaPath: "#/properties/log/items/properties/body/additionalProperties",
																																														keyword: "additionalProperties",
																																														params: { additionalProperty: key51 },
																																														message: "must NOT have additional properties"
																																													}];
																																													return false;
																																												}
																																												if (data289.volume !== void 0) {
																																													let data290 = data289.volume;
																																													if (typeof data290 == "number" && isFinite(data290)) {
																																														if (data290 > 1e9 || isNaN(data290)) {
																																															validate20.errors = [{
																																																instancePath: instancePath + "/log/" + i28 + "/body/volume",
																																																schemaPath: "#/properties/log/items/properties/body/properties/volume/maximum",
																																																keyword: "maximum",
																																																params: {
																																																	comparison: "<=",
																																																	limit: 1e9
																																																},
																																																message: "must be <= 1000000000"
																																															}];
																																															return false;
																																														} else if (data290 < .01 || isNaN(data290)) {
																																															validate20.errors = [{
																																																instancePath: instancePath + "/log/" + i28 + "/body/volume",
																																																schemaPath: "#/properties/log/items/properties/body/properties/volume/minimum",
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
																																															instancePath: instancePath + "/log/" + i28 + "/body/volume",
																																															schemaPath: "#/properties/log/items/properties/body/properties/volume/type",
																																															keyword: "type",
																																															params: { type: "number" },
																																															message: "must be number"
																																														}];
																																														return false;
																																													}
																																													var valid79 = true;
																																												} else var valid79 = true;
																																												if (valid79) {
																																													if (data289.area !== void 0) {
																																														let data291 = data289.area;
																																														if (typeof data291 == "number" && isFinite(data291)) {
																																															if (data291 > 1e7 || isNaN(data291)) {
																																																validate20.errors = [{
																																																	instancePath: instancePath + "/log/" + i28 + "/body/area",
																																																	schemaPath: "#/properties/log/items/properties/body/properties/area/maximum",
																																																	keyword: "maximum",
																																																	params: {
																																																		comparison: "<=",
																																																		limit: 1e7
																																																	},
																																																	message: "must be <= 10000000"
																																																}];
																																																return false;
																																															} else if (data291 < .01 || isNaN(data291)) {
																																																validate20.errors = [{
																																																	instancePath: instancePath + "/log/" + i28 + "/body/area",
																																																	schemaPath: "#/properties/log/items/properties/body/properties/area/minimum",
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
																																																instancePath: instancePath + "/log/" + i28 + "/body/area",
																																																schemaPath: "#/properties/log/items/properties/body/properties/area/type",
																																																keyword: "type",
																																																params: { type: "number" },
																																																message: "must be number"
																																															}];
																																															return false;
																																														}
																																														var valid79 = true;
																																													} else var valid79 = true;
																																													if (valid79) {
																																														if (data289.depth !== void 0) {
																																															let data292 = data289.depth;
																																															if (typeof data292 == "number" && isFinite(data292)) {
																																																if (data292 > 1e3 || isNaN(data292)) {
																																																	validate20.errors = [{
																																																		instancePath: instancePath + "/log/" + i28 + "/body/depth",
																																																		schemaPath: "#/properties/log/items/properties/body/properties/depth/maximum",
																																																		keyword: "maximum",
																																																		params: {
																																																			comparison: "<=",
																																																			limit: 1e3
																																																		},
																																																		message: "must be <= 1000"
																																																	}];
																																																	return false;
																																																} else if (data292 < .01 || isNaN(data292)) {
																																																	validate20.errors = [{
																																																		instancePath: instancePath + "/log/" + i28 + "/body/depth",
																																																		schemaPath: "#/properties/log/items/properties/body/properties/depth/minimum",
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
																																																	instancePath: instancePath + "/log/" + i28 + "/body/depth",
																																																	schemaPath: "#/properties/log/items/properties/body/properties/depth/type",
																																																	keyword: "type",
																																																	params: { type: "number" },
																																																	message: "must be number"
																																																}];
																																																return false;
																																															}
																																															var valid79 = true;
																																														} else var valid79 = true;
																																														if (valid79) {
																																															if (data289.facing !== void 0) {
																																																let data293 = data289.facing;
																																																if (typeof data293 == "number" && isFinite(data293)) {
																																																	if (data293 > 3e3 || isNaN(data293)) {
																																																		validate20.errors = [{
																																																			instancePath: instancePath + "/log/" + i28 + "/body/facing",
																																																			schemaPath: "#/properties/log/items/properties/body/properties/facing/maximum",
																																																			keyword: "maximum",
																																																			params: {
																																																				comparison: "<=",
																																																				limit: 3e3
																																																			},
																																																			message: "must be <= 3000"
																																																		}];
																																																		return false;
																																																	} else if (data293 < .01 || isNaN(data293)) {
																																																		validate20.errors = [{
																																																			instancePath: instancePath + "/log/" + i28 + "/body/facing",
																																																			schemaPath: "#/properties/log/items/properties/body/properties/facing/minimum",
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
																																																		instancePath: instancePath + "/log/" + i28 + "/body/facing",
																																																		schemaPath: "#/properties/log/items/properties/body/properties/facing/type",
																																																		keyword: "type",
																																																		params: { type: "number" },
																																																		message: "must be number"
																																																	}];
																																																	return false;
																																																}
																																																var valid79 = true;
																																															} else var valid79 = true;
																																															if (valid79) {
																																																if (data289.thickness !== void 0) {
																																																	let data294 = data289.thickness;
																																																	if (typeof data294 == "number" && isFinite(data294)) {
																																																		if (data294 > 2e3 || isNaN(data294)) {
																																																			validate20.errors = [{
																																																				instancePath: instancePath + "/log/" + i28 + "/body/thickness",
																																																				schemaPath: "#/properties/log/items/properties/body/properties/thickness/maximum",
																																																				keyword: "maximum",
																																																				params: {
																																																					comparison: "<=",
																																																					limit: 2e3
																																																				},
																																																				message: "must be <= 2000"
																																																			}];
																																																			return false;
																																																		} else if (data294 < .01 || isNaN(data294)) {
																																																			validate20.errors = [{
																																																				instancePath: instancePath + "/log/" + i28 + "/body/thickness",
																																																				schemaPath: "#/properties/log/items/properties/body/properties/thickness/minimum",
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
																																																			instancePath: instancePath + "/log/" + i28 + "/body/thickness",
																																																			schemaPath: "#/properties/log/items/properties/body/properties/thickness/type",
																																																			keyword: "type",
																																																			params: { type: "number" },
																																																			message: "must be number"
																																																		}];
																																																		return false;
																																																	}
																																																	var valid79 = true;
																																																} else var valid79 = true;
																																																if (valid79) {
																																																	if (data289.kind !== void 0) {
																																																		let data295 = data289.kind;
																																																		if (typeof data295 !== "string") {
																																																			validate20.errors = [{
																																																				instancePath: instancePath + "/log/" + i28 + "/body/kind",
																																																				schemaPath: "#/properties/log/items/properties/body/properties/kind/type",
																																																				keyword: "type",
																																																				params: { type: "string" },
																																																				message: "must be string"
																																																			}];
																																																			return false;
																																																		}
																																																		if (!(data295 === "rod" || data295 === "sheet")) {
																																																			validate20.errors = [{
																																																				instancePath: instancePath + "/log/" + i28 + "/body/kind",
																																																				schemaPath: "#/properties/log/items/properties/body/properties/kind/enum",
																																																				keyword: "enum",
																																																				params: { allowedValues: schema31.properties.log.items.properties.body.properties.kind.enum },
																																																				message: "must be equal to one of the allowed values"
																																																			}];
																																																			return false;
																																																		}
																																																		var valid79 = true;
																																																	} else var valid79 = true;
																																																	if (valid79) {
																																																		if (data289.coat !== void 0) {
																																																			if (typeof data289.coat !== "boolean") {
																																																				validate20.errors = [{
																																																					instancePath: instancePath + "/log/" + i28 + "/body/coat",
																																																					schemaPath: "#/properties/log/items/properties/body/properties/coat/type",
																																																					keyword: "type",
																																																					params: { type: "boolean" },
																																																					message: "must be boolean"
																																																				}];
																																																				return false;
																																																			}
																																																			var valid79 = true;
																																																		} else var valid79 = true;
																																																	}
																																																}
																																															}
																																														}
																																													}
																																												}
																																											}
																																										} else {
																																											validate20.errors = [{
																																												instancePath: instancePath + "/log/" + i28 + "/body",
																																												schemaPath: "#/properties/log/items/properties/body/type",
																																												keyword: "type",
																																												params: { type: "object" },
																																												message: "must be object"
																																											}];
																																											return false;
																																										}
																																										var valid77 = true;
																																									} else var valid77 = true;
																																									if (valid77) {
																																										if (data273.spells !== void 0) {
																																											let data297 = data273.spells;
																																											if (Array.isArray(data297)) {
																																												if (data297.length > 20) {
																																													validate20.errors = [{
																																														instancePath: instancePath + "/log/" + i28 + "/spells",
																																														schemaPath: "#/properties/log/items/properties/spells/maxItems",
																																														keyword: "maxItems",
																																														params: { limit: 20 },
																																														message: "must NOT have more than 20 items"
																																													}];
																																													return false;
																																												} else if (data297.length < 1) {
																																													validate20.errors = [{
																																														instancePath: instancePath + "/log/" + i28 + "/spells",
																																														schemaPath: "#/properties/log/items/properties/spells/minItems",
																																														keyword: "minItems",
																																														params: { limit: 1 },
																																														message: "must NOT have fewer than 1 items"
																																													}];
																																													return false;
																																												} else {
																																													const len29 = data297.length;
																																													for (let i29 = 0; i29 < len29; i29++) {
																																														let data298 = data297[i29];
																																														if (data298 && typeof data298 == "object" && !Array.isArray(data298)) {
																																															let missing44;
																																															if (data298.temperature === void 0 && (missing44 = "temperature") || data298.humidity === void 0 && (missing44 = "humidity") || data298.air === void 0 && (missing44 = "air")) {
																																																validate20.errors = [{
																																																	instancePath: instancePath + "/log/" + i28 + "/spells/" + i29,
																																																	schemaPath: "#/properties/log/items/properties/spells/items/required",
																																																	keyword: "required",
																																																	params: { missingProperty: missing44 },
																																																	message: "must have required property '" + missing44 + "'"
																																																}];
																																																return false;
																																															} else {
																																																for (const key52 in data298) if (!(key52 === "until" || key52 === "temperature" || key52 === "humidity" || key52 === "air" || key52 === "wrapped")) {
																																																	validate20.errors = [{
																																																		instancePath: instancePath + "/log/" + i28 + "/spells/" + i29,
																																																		schemaPath: "#/properties/log/items/properties/spells/items/additionalProperties",
																																																		keyword: "additionalProperties",
																																																		params: { additionalProperty: key52 },
																																																		message: "must NOT have additional properties"
																																																	}];
																																																	return false;
																																																}
																																																if (data298.until !== void 0) {
																																																	let data299 = data298.until;
																																																	if (typeof data299 == "number" && isFinite(data299)) {
																																																		if (data299 > 1e5 || isNaN(data299)) {
																																																			validate20.errors = [{
																																																				instancePath: instancePath + "/log/" + i28 + "/spells/" + i29 + "/until",
																																																				schemaPath: "#/properties/log/items/properties/spells/items/properties/until/maximum",
																																																				keyword: "maximum",
																																																				params: {
																																																					comparison: "<=",
																																																					limit: 1e5
																																																				},
																																																				message: "must be <= 100000"
																																																			}];
																																																			return false;
																																																		} else if (data299 < 0 || isNaN(data299)) {
																																																			validate20.errors = [{
																																																				instancePath: instancePath + "/log/" + i28 + "/spells/" + i29 + "/until",
																																																				schemaPath: "#/properties/log/items/properties/spells/items/properties/until/minimum",
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
																																																			instancePath: instancePath + "/log/" + i28 + "/spells/" + i29 + "/until",
																																																			schemaPath: "#/properties/log/items/properties/spells/items/properties/until/type",
																																																			keyword: "type",
																																																			params: { type: "number" },
																																																			message: "must be number"
																																																		}];
																																																		return false;
																																																	}
																																																	var valid81 = true;
																																																} else var valid81 = true;
																																																if (valid81) {
																																																	if (data298.temperature !== void 0) {
																																																		let data300 = data298.temperature;
																																																		if (typeof data300 == "number" && isFinite(data300)) {
																																																			if (data300 > 60 || isNaN(data300)) {
																																																				validate20.errors = [{
																																																					instancePath: instancePath + "/log/" + i28 + "/spells/" + i29 + "/temperature",
																																																					schemaPath: "#/properties/log/items/properties/spells/items/properties/temperature/maximum",
																																																					keyword: "maximum",
																																																					params: {
																																																						comparison: "<=",
																																																						limit: 60
																																																					},
																																																					message: "must be <= 60"
																																																				}];
																																																				return false;
																																																			} else if (data300 < -30 || isNaN(data300)) {
																																																				validate20.errors = [{
																																																					instancePath: instancePath + "/log/" + i28 + "/spells/" + i29 + "/temperature",
																																																					schemaPath: "#/properties/log/items/properties/spells/items/properties/temperature/minimum",
																																																					keyword: "minimum",
																																																					params: {
																																																						comparison: ">=",
																																																						limit: -30
																																																					},
																																																					message: "must be >= -30"
																																																				}];
																																																				return false;
																																																			}
																																																		} else {
																																																			validate20.errors = [{
																																																				instancePath: instancePath + "/log/" + i28 + "/spells/" + i29 + "/temperature",
																																																				schemaPath: "#/properties/log/items/properties/spells/items/properties/temperature/type",
																																																				keyword: "type",
																																																				params: { type: "number" },
																																																				message: "must be number"
																																																			}];
																																																			return false;
																																																		}
																																																		var valid81 = true;
																																																	} else var valid81 = true;
																																																	if (valid81) {
																																																		if (data298.humidity !== void 0) {
																																																			let data301 = data298.humidity;
																																																			if (typeof data301 == "number" && isFinite(data301)) {
																																																				if (data301 > 1 || isNaN(data301)) {
																																																					validate20.errors = [{
																																																						instancePath: instancePath + "/log/" + i28 + "/spells/" + i29 + "/humidity",
																																																						schemaPath: "#/properties/log/items/properties/spells/items/properties/humidity/maximum",
																																																						keyword: "maximum",
																																																						params: {
																																																							comparison: "<=",
																																																							limit: 1
																																																						},
																																																						message: "must be <= 1"
																																																					}];
																																																					return false;
																																																				} else if (data301 < 0 || isNaN(data301)) {
																																																					validate20.errors = [{
																																																						instancePath: instancePath + "/log/" + i28 + "/spells/" + i29 + "/humidity",
																																																						schemaPath: "#/properties/log/items/properties/spells/items/properties/humidity/minimum",
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
																																																					instancePath: instancePath + "/log/" + i28 + "/spells/" + i29 + "/humidity",
																																																					schemaPath: "#/properties/log/items/properties/spells/items/properties/humidity/type",
																																																					keyword: "type",
																																																					params: { type: "number" },
																																																					message: "must be number"
																																																				}];
																																																				return false;
																																																			}
																																																			var valid81 = true;
																																																		} else var valid81 = true;
																																																		if (valid81) {
																																																			if (data298.air !== void 0) {
																																																				let data302 = data298.air;
																																																				if (typeof data302 == "number" && isFinite(data302)) {
																																																					if (data302 > 5 || isNaN(data302)) {
																																																						validate20.errors = [{
																																																							instancePath: instancePath + "/log/" + i28 + "/spells/" + i29 + "/air",
																																																							schemaPath: "#/properties/log/items/properties/spells/items/properties/air/maximum",
																																																							keyword: "maximum",
																																																							params: {
																																																								comparison: "<=",
																																																								limit: 5
																																																							},
																																																							message: "must be <= 5"
																																																						}];
																																																						return false;
																																																					} else if (data302 < .01 || isNaN(data302)) {
																																																						validate20.errors = [{
																																																							instancePath: instancePath + "/log/" + i28 + "/spells/" + i29 + "/air",
																																																							schemaPath: "#/properties/log/items/properties/spells/items/properties/air/minimum",
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
																																																						instancePath: instancePath + "/log/" + i28 + "/spells/" + i29 + "/air",
																																																						schemaPath: "#/properties/log/items/properties/spells/items/properties/air/type",
																																																						keyword: "type",
																																																						params: { type: "number" },
																																																						message: "must be number"
																																																					}];
																																																					return false;
																																																				}
																																																				var valid81 = true;
																																																			} else var valid81 = true;
																																																			if (valid81) {
																																																				if (data298.wrapped !== void 0) {
																																																					if (typeof data298.wrapped !== "boolean") {
																																																						validate20.errors = [{
																																																							instancePath: instancePath + "/log/" + i28 + "/spells/" + i29 + "/wrapped",
																																																							schemaPath: "#/properties/log/items/properties/spells/items/properties/wrapped/type",
																																																							keyword: "type",
																																																							params: { type: "boolean" },
																																																							message: "must be boolean"
																																																						}];
																																																						return false;
																																																					}
																																																					var valid81 = true;
																																																				} else var valid81 = true;
																																																			}
																																																		}
																																																	}
																																																}
																																															}
																																														} else {
																																															validate20.errors = [{
																																																instancePath: instancePath + "/log/" + i28 + "/spells/" + i29,
																																																schemaPath: "#/properties/log/items/properties/spells/items/type",
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
																																													instancePath: instancePath + "/log/" + i28 + "/spells",
																																													schemaPath: "#/properties/log/items/properties/spells/type",
																																													keyword: "type",
																																													params: { type: "array" },
																																													message: "must be array"
																																												}];
																																												return false;
																																											}
																																											var valid77 = true;
																																										} else var valid77 = true;
																																										if (valid77) {
																																											if (data273.duty !== void 0) {
																																												let data304 = data273.duty;
																																												if (data304 && typeof data304 == "object" && !Array.isArray(data304)) {
																																													if (Object.keys(data304).length > 12) {
																																														validate20.errors = [{
																																															instancePath: instancePath + "/log/" + i28 + "/duty",
																																															schemaPath: "#/properties/log/items/properties/duty/maxProperties",
																																															keyword: "maxProperties",
																																															params: { limit: 12 },
																																															message: "must NOT have more than 12 properties"
																																														}];
																																														return false;
																																													} else for (const key53 in data304) {
																																														let data305 = data304[key53];
																																														if (typeof data305 == "number" && isFinite(data305)) {
																																															if (data305 > 1e9 || isNaN(data305)) {
																																																validate20.errors = [{
																																																	instancePath: instancePath + "/log/" + i28 + "/duty/" + key53.replace(/~/g, "~0").replace(/\//g, "~1"),
																																																	schemaPath: "#/properties/log/items/properties/duty/additionalProperties/maximum",
																																																	keyword: "maximum",
																																																	params: {
																																																		comparison: "<=",
																																																		limit: 1e9
																																																	},
																																																	message: "must be <= 1000000000"
																																																}];
																																																return false;
																																															} else if (data305 < -1e6 || isNaN(data305)) {
																																																validate20.errors = [{
																																																	instancePath: instancePath + "/log/" + i28 + "/duty/" + key53.replace(/~/g, "~0").replace(/\//g, "~1"),
																																																	schemaPath: "#/properties/log/items/properties/duty/additionalProperties/minimum",
																																																	keyword: "minimum",
																																																	params: {
																																																		comparison: ">=",
																																																		limit: -1e6
																																																	},
																																																	message: "must be >= -1000000"
																																																}];
																																																return false;
																																															}
																																														} else {
																																															validate20.errors = [{
																																																instancePath: instancePath + "/log/" + i28 + "/duty/" + key53.replace(/~/g, "~0").replace(/\//g, "~1"),
																																																schemaPath: "#/properties/log/items/properties/duty/additionalProperties/type",
																																																keyword: "type",
																																																params: { type: "number" },
																																																message: "must be number"
																																															}];
																																															return false;
																																														}
																																													}
																																												} else {
																																													validate20.errors = [{
																																														instancePath: instancePath + "/log/" + i28 + "/duty",
																																														schemaPath: "#/properties/log/items/properties/duty/type",
																																														keyword: "type",
																																														params: { type: "object" },
																																														message: "must be object"
																																													}];
																																													return false;
																																												}
																																												var valid77 = true;
																																											} else var valid77 = true;
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
																													instancePath: instancePath + "/log/" + i28,
																													schemaPath: "#/properties/log/items/type",
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
																										instancePath: instancePath + "/log",
																										schemaPath: "#/properties/log/type",
																										keyword: "type",
																										params: { type: "array" },
																										message: "must be array"
																									}];
																									return false;
																								}
																								var valid0 = true;
																							} else var valid0 = true;
																							if (valid0) {
																								if (data.steps !== void 0) {
																									let data306 = data.steps;
																									if (data306 && typeof data306 == "object" && !Array.isArray(data306)) {
																										let missing45;
																										if (data306.own === void 0 && (missing45 = "own") || data306.minutes === void 0 && (missing45 = "minutes") || data306.left === void 0 && (missing45 = "left")) {
																											validate20.errors = [{
																												instancePath: instancePath + "/steps",
																												schemaPath: "#/properties/steps/required",
																												keyword: "required",
																												params: { missingProperty: missing45 },
																												message: "must have required property '" + missing45 + "'"
																											}];
																											return false;
																										} else {
																											for (const key54 in data306) if (!(key54 === "own" || key54 === "minutes" || key54 === "left" || key54 === "rather" || key54 === "parts" || key54 === "joined" || key54 === "agreed" || key54 === "pins")) {
																												validate20.errors = [{
																													instancePath: instancePath + "/steps",
																													schemaPath: "#/properties/steps/additionalProperties",
																													keyword: "additionalProperties",
																													params: { additionalProperty: key54 },
																													message: "must NOT have additional properties"
																												}];
																												return false;
																											}
																											if (data306.own !== void 0) {
																												let data307 = data306.own;
																												if (Array.isArray(data307)) {
																													if (data307.length > 200) {
																														validate20.errors = [{
																															instancePath: instancePath + "/steps/own",
																															schemaPath: "#/properties/steps/properties/own/maxItems",
																															keyword: "maxItems",
																															params: { limit: 200 },
																															message: "must NOT have more than 200 items"
																														}];
																														return false;
																													} else if (data307.length < 0) {
																														validate20.errors = [{
																															instancePath: instancePath + "/steps/own",
																															schemaPath: "#/properties/steps/properties/own/minItems",
																															keyword: "minItems",
																															params: { limit: 0 },
																															message: "must NOT have fewer than 0 items"
																														}];
																														return false;
																													} else {
																														const len30 = data307.length;
																														for (let i30 = 0; i30 < len30; i30++) {
																															let data308 = data307[i30];
																															if (data308 && typeof data308 == "object" && !Array.isArray(data308)) {
																																let missing46;
																																if (data308.id === void 0 && (missing46 = "id") || data308.title === void 0 && (missing46 = "title") || data308.minutes === void 0 && (missing46 = "minutes")) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/steps/own/" + i30,
																																		schemaPath: "#/properties/steps/properties/own/items/required",
																																		keyword: "required",
																																		params: { missingProperty: missing46 },
																																		message: "must have required property '" + missing46 + "'"
																																	}];
																																	return false;
																																} else {
																																	for (const key55 in data308) if (!(key55 === "id" || key55 === "title" || key55 === "minutes" || key55 === "after" || key55 === "wait" || key55 === "before" || key55 === "piece" || key55 === "tool")) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/steps/own/" + i30,
																																			schemaPath: "#/properties/steps/properties/own/items/additionalProperties",
																																			keyword: "additionalProperties",
																																			params: { additionalProperty: key55 },
																																			message: "must NOT have additional properties"
																																		}];
																																		return false;
																																	}
																																	if (data308.id !== void 0) {
																																		let data309 = data308.id;
																																		if (typeof data309 === "string") {
																																			if (!pattern36.test(data309)) {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/steps/own/" + i30 + "/id",
																																					schemaPath: "#/properties/steps/properties/own/items/properties/id/pattern",
																																					keyword: "pattern",
																																					params: { pattern: "^own:[a-z0-9-]{1,60}$" },
																																					message: "must match pattern \"^own:[a-z0-9-]{1,60}$\""
																																				}];
																																				return false;
																																			}
																																		} else {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/steps/own/" + i30 + "/id",
																																				schemaPath: "#/properties/steps/properties/own/items/properties/id/type",
																																				keyword: "type",
																																				params: { type: "string" },
																																				message: "must be string"
																																			}];
																																			return false;
																																		}
																																		var valid85 = true;
																																	} else var valid85 = true;
																																	if (valid85) {
																																		if (data308.title !== void 0) {
																																			let data310 = data308.title;
																																			if (typeof data310 === "string") {
																																				if (func2(data310) > 120) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/steps/own/" + i30 + "/title",
																																						schemaPath: "#/properties/steps/properties/own/items/properties/title/maxLength",
																																						keyword: "maxLength",
																																						params: { limit: 120 },
																																						message: "must NOT have more than 120 characters"
																																					}];
																																					return false;
																																				} else if (func2(data310) < 1) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/steps/own/" + i30 + "/title",
																																						schemaPath: "#/properties/steps/properties/own/items/properties/title/minLength",
																																						keyword: "minLength",
																																						params: { limit: 1 },
																																						message: "must NOT have fewer than 1 characters"
																																					}];
																																					return false;
																																				}
																																			} else {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/steps/own/" + i30 + "/title",
																																					schemaPath: "#/properties/steps/properties/own/items/properties/title/type",
																																					keyword: "type",
																																					params: { type: "string" },
																																					message: "must be string"
																																				}];
																																				return false;
																																			}
																																			var valid85 = true;
																																		} else var valid85 = true;
																																		if (valid85) {
																																			if (data308.minutes !== void 0) {
																																				let data311 = data308.minutes;
																																				if (typeof data311 == "number" && isFinite(data311)) {
																																					if (data311 > 600 || isNaN(data311)) {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/steps/own/" + i30 + "/minutes",
																																							schemaPath: "#/properties/steps/properties/own/items/properties/minutes/maximum",
																																							keyword: "maximum",
																																							params: {
																																								comparison: "<=",
																																								limit: 600
																																							},
																																							message: "must be <= 600"
																																						}];
																																						return false;
																																					} else if (data311 < 1 || isNaN(data311)) {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/steps/own/" + i30 + "/minutes",
																																							schemaPath: "#/properties/steps/properties/own/items/properties/minutes/minimum",
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
																																						instancePath: instancePath + "/steps/own/" + i30 + "/minutes",
																																						schemaPath: "#/properties/steps/properties/own/items/properties/minutes/type",
																																						keyword: "type",
																																						params: { type: "number" },
																																						message: "must be number"
																																					}];
																																					return false;
																																				}
																																				var valid85 = true;
																																			} else var valid85 = true;
																																			if (valid85) {
																																				if (data308.after !== void 0) {
																																					let data312 = data308.after;
																																					if (typeof data312 === "string") {
																																						if (func2(data312) > 200) {
																																							validate20.errors = [{
																																								instancePath: instancePath + "/steps/own/" + i30 + "/after",
																																								schemaPath: "#/properties/steps/properties/own/items/properties/after/maxLength",
																																								keyword: "maxLength",
																																								params: { limit: 200 },
																																								message: "must NOT have more than 200 characters"
																																							}];
																																							return false;
																																						} else if (func2(data312) < 1) {
																																							validate20.errors = [{
																																								instancePath: instancePath + "/steps/own/" + i30 + "/after",
																																								schemaPath: "#/properties/steps/properties/own/items/properties/after/minLength",
																																								keyword: "minLength",
																																								params: { limit: 1 },
																																								message: "must NOT have fewer than 1 characters"
																																							}];
																																							return false;
																																						}
																																					} else {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/steps/own/" + i30 + "/after",
																																							schemaPath: "#/properties/steps/properties/own/items/properties/after/type",
																																							keyword: "type",
																																							params: { type: "string" },
																																							message: "must be string"
																																						}];
																																						return false;
																																					}
																																					var valid85 = true;
																																				} else var valid85 = true;
																																				if (valid85) {
																																					if (data308.wait !== void 0) {
																																						let data313 = data308.wait;
																																						if (typeof data313 == "number" && isFinite(data313)) {
																																							if (data313 > 2e4 || isNaN(data313)) {
																																								validate20.errors = [{
																																									instancePath: instancePath + "/steps/own/" + i30 + "/wait",
																																									schemaPath: "#/properties/steps/properties/own/items/properties/wait/maximum",
																																									keyword: "maximum",
																																									params: {
																																										comparison: "<=",
																																										limit: 2e4
																																									},
																																									message: "must be <= 20000"
																																								}];
																																								return false;
																																							} else if (data313 < 0 || isNaN(data313)) {
																																								validate20.errors = [{
																																									instancePath: instancePath + "/steps/own/" + i30 + "/wait",
																																									schemaPath: "#/properties/steps/properties/own/items/properties/wait/minimum",
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
																																								instancePath: instancePath + "/steps/own/" + i30 + "/wait",
																																								schemaPath: "#/properties/steps/properties/own/items/properties/wait/type",
																																								keyword: "type",
																																								params: { type: "number" },
																																								message: "must be number"
																																							}];
																																							return false;
																																						}
																																						var valid85 = true;
																																					} else var valid85 = true;
																																					if (valid85) {
																																						if (data308.before !== void 0) {
																																							let data314 = data308.before;
																																							if (typeof data314 === "string") {
																																								if (func2(data314) > 200) {
																																									validate20.errors = [{
																																										instancePath: instancePath + "/steps/own/" + i30 + "/before",
																																										schemaPath: "#/properties/steps/properties/own/items/properties/before/maxLength",
																																										keyword: "maxLength",
																																										params: { limit: 200 },
																																										message: "must NOT have more than 200 characters"
																																									}];
																																									return false;
																																								} else if (func2(data314) < 1) {
																																									validate20.errors = [{
																																										instancePath: instancePath + "/steps/own/" + i30 + "/before",
																																										schemaPath: "#/properties/steps/properties/own/items/properties/before/minLength",
																																										keyword: "minLength",
																																										params: { limit: 1 },
																																										message: "must NOT have fewer than 1 characters"
																																									}];
																																									return false;
																																								}
																																							} else {
																																								validate20.errors = [{
																																									instancePath: instancePath + "/steps/own/" + i30 + "/before",
																																									schemaPath: "#/properties/steps/properties/own/items/properties/before/type",
																																									keyword: "type",
																																									params: { type: "string" },
																																									message: "must be string"
																																								}];
																																								return false;
																																							}
																																							var valid85 = true;
																																						} else var valid85 = true;
																																						if (valid85) {
																																							if (data308.piece !== void 0) {
																																								let data315 = data308.piece;
																																								if (typeof data315 === "string") {
																																									if (!pattern5.test(data315)) {
																																										validate20.errors = [{
																																											instancePath: instancePath + "/steps/own/" + i30 + "/piece",
																																											schemaPath: "#/properties/steps/properties/own/items/properties/piece/pattern",
																																											keyword: "pattern",
																																											params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																																											message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																																										}];
																																										return false;
																																									}
																																								} else {
																																									validate20.errors = [{
																																										instancePath: instancePath + "/steps/own/" + i30 + "/piece",
																																										schemaPath: "#/properties/steps/properties/own/items/properties/piece/type",
																																										keyword: "type",
																																										params: { type: "string" },
																																										message: "must be string"
																																									}];
																																									return false;
																																								}
																																								var valid85 = true;
																																							} else var valid85 = true;
																																							if (valid85) {
																																								if (data308.tool !== void 0) {
																																									let data316 = data308.tool;
																																									if (typeof data316 !== "string") {
																																										validate20.errors = [{
																																											instancePath: instancePath + "/steps/own/" + i30 + "/tool",
																																											schemaPath: "#/properties/steps/properties/own/items/properties/tool/type",
																																											keyword: "type",
																																											params: { type: "string" },
																																											message: "must be string"
																																										}];
																																										return false;
																																									}
																																									if (!(data316 === "oven" || data316 === "turntable" || data316 === "airbrush")) {
																																										validate20.errors = [{
																																											instancePath: instancePath + "/steps/own/" + i30 + "/tool",
																																											schemaPath: "#/properties/steps/properties/own/items/properties/tool/enum",
																																											keyword: "enum",
																																											params: { allowedValues: schema31.properties.steps.properties.own.items.properties.tool.enum },
																																											message: "must be equal to one of the allowed values"
																																										}];
																																										return false;
																																									}
																																									var valid85 = true;
																																								} else var valid85 = true;
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
																																	instancePath: instancePath + "/steps/own/" + i30,
																																	schemaPath: "#/properties/steps/properties/own/items/type",
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
																														instancePath: instancePath + "/steps/own",
																														schemaPath: "#/properties/steps/properties/own/type",
																														keyword: "type",
																														params: { type: "array" },
																														message: "must be array"
																													}];
																													return false;
																												}
																												var valid83 = true;
																											} else var valid83 = true;
																											if (valid83) {
																												if (data306.minutes !== void 0) {
																													let data317 = data306.minutes;
																													if (data317 && typeof data317 == "object" && !Array.isArray(data317)) {
																														if (Object.keys(data317).length > 1e3) {
																															validate20.errors = [{
																																instancePath: instancePath + "/steps/minutes",
																																schemaPath: "#/properties/steps/properties/minutes/maxProperties",
																																keyword: "maxProperties",
																																params: { limit: 1e3 },
																																message: "must NOT have more than 1000 properties"
																															}];
																															return false;
																														} else for (const key56 in data317) {
																															let data318 = data317[key56];
																															if (typeof data318 == "number" && isFinite(data318)) {
																																if (data318 > 600 || isNaN(data318)) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/steps/minutes/" + key56.replace(/~/g, "~0").replace(/\//g, "~1"),
																																		schemaPath: "#/properties/steps/properties/minutes/additionalProperties/maximum",
																																		keyword: "maximum",
																																		params: {
																																			comparison: "<=",
																																			limit: 600
																																		},
																																		message: "must be <= 600"
																																	}];
																																	return false;
																																} else if (data318 < 1 || isNaN(data318)) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/steps/minutes/" + key56.replace(/~/g, "~0").replace(/\//g, "~1"),
																																		schemaPath: "#/properties/steps/properties/minutes/additionalProperties/minimum",
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
																																	instancePath: instancePath + "/steps/minutes/" + key56.replace(/~/g, "~0").replace(/\//g, "~1"),
																																	schemaPath: "#/properties/steps/properties/minutes/additionalProperties/type",
																																	keyword: "type",
																																	params: { type: "number" },
																																	message: "must be number"
																																}];
																																return false;
																															}
																														}
																													} else {
																														validate20.errors = [{
																															instancePath: instancePath + "/steps/minutes",
																															schemaPath: "#/properties/steps/properties/minutes/type",
																															keyword: "type",
																															params: { type: "object" },
																															message: "must be object"
																														}];
																														return false;
																													}
																													var valid83 = true;
																												} else var valid83 = true;
																												if (valid83) {
																													if (data306.left !== void 0) {
																														let data319 = data306.left;
																														if (Array.isArray(data319)) {
																															if (data319.length > 1e3) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/steps/left",
																																	schemaPath: "#/properties/steps/properties/left/maxItems",
																																	keyword: "maxItems",
																																	params: { limit: 1e3 },
																																	message: "must NOT have more than 1000 items"
																																}];
																																return false;
																															} else if (data319.length < 0) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/steps/left",
																																	schemaPath: "#/properties/steps/properties/left/minItems",
																																	keyword: "minItems",
																																	params: { limit: 0 },
																																	message: "must NOT have fewer than 0 items"
																																}];
																																return false;
																															} else {
																																const len31 = data319.length;
																																for (let i31 = 0; i31 < len31; i31++) {
																																	let data320 = data319[i31];
																																	if (typeof data320 === "string") {
																																		if (func2(data320) > 200) {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/steps/left/" + i31,
																																				schemaPath: "#/properties/steps/properties/left/items/maxLength",
																																				keyword: "maxLength",
																																				params: { limit: 200 },
																																				message: "must NOT have more than 200 characters"
																																			}];
																																			return false;
																																		} else if (func2(data320) < 1) {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/steps/left/" + i31,
																																				schemaPath: "#/properties/steps/properties/left/items/minLength",
																																				keyword: "minLength",
																																				params: { limit: 1 },
																																				message: "must NOT have fewer than 1 characters"
																																			}];
																																			return false;
																																		}
																																	} else {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/steps/left/" + i31,
																																			schemaPath: "#/properties/steps/properties/left/items/type",
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
																																instancePath: instancePath + "/steps/left",
																																schemaPath: "#/properties/steps/properties/left/type",
																																keyword: "type",
																																params: { type: "array" },
																																message: "must be array"
																															}];
																															return false;
																														}
																														var valid83 = true;
																													} else var valid83 = true;
																													if (valid83) {
																														if (data306.rather !== void 0) {
																															let data321 = data306.rather;
																															if (typeof data321 !== "string") {
																																validate20.errors = [{
																																	instancePath: instancePath + "/steps/rather",
																																	schemaPath: "#/properties/steps/properties/rather/type",
																																	keyword: "type",
																																	params: { type: "string" },
																																	message: "must be string"
																																}];
																																return false;
																															}
																															if (!(data321 === "fewer" || data321 === "later" || data321 === "nights" || data321 === "fresher")) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/steps/rather",
																																	schemaPath: "#/properties/steps/properties/rather/enum",
																																	keyword: "enum",
																																	params: { allowedValues: schema31.properties.steps.properties.rather.enum },
																																	message: "must be equal to one of the allowed values"
																																}];
																																return false;
																															}
																															var valid83 = true;
																														} else var valid83 = true;
																														if (valid83) {
																															if (data306.parts !== void 0) {
																																let data322 = data306.parts;
																																if (data322 && typeof data322 == "object" && !Array.isArray(data322)) {
																																	if (Object.keys(data322).length > 300) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/steps/parts",
																																			schemaPath: "#/properties/steps/properties/parts/maxProperties",
																																			keyword: "maxProperties",
																																			params: { limit: 300 },
																																			message: "must NOT have more than 300 properties"
																																		}];
																																		return false;
																																	} else for (const key57 in data322) {
																																		let data323 = data322[key57];
																																		if (!(typeof data323 == "number" && !(data323 % 1) && !isNaN(data323) && isFinite(data323))) {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/steps/parts/" + key57.replace(/~/g, "~0").replace(/\//g, "~1"),
																																				schemaPath: "#/properties/steps/properties/parts/additionalProperties/type",
																																				keyword: "type",
																																				params: { type: "integer" },
																																				message: "must be integer"
																																			}];
																																			return false;
																																		}
																																		if (typeof data323 == "number" && isFinite(data323)) {
																																			if (data323 > 12 || isNaN(data323)) {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/steps/parts/" + key57.replace(/~/g, "~0").replace(/\//g, "~1"),
																																					schemaPath: "#/properties/steps/properties/parts/additionalProperties/maximum",
																																					keyword: "maximum",
																																					params: {
																																						comparison: "<=",
																																						limit: 12
																																					},
																																					message: "must be <= 12"
																																				}];
																																				return false;
																																			} else if (data323 < 1 || isNaN(data323)) {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/steps/parts/" + key57.replace(/~/g, "~0").replace(/\//g, "~1"),
																																					schemaPath: "#/properties/steps/properties/parts/additionalProperties/minimum",
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
																																	}
																																} else {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/steps/parts",
																																		schemaPath: "#/properties/steps/properties/parts/type",
																																		keyword: "type",
																																		params: { type: "object" },
																																		message: "must be object"
																																	}];
																																	return false;
																																}
																																var valid83 = true;
																															} else var valid83 = true;
																															if (valid83) {
																																if (data306.joined !== void 0) {
																																	let data324 = data306.joined;
																																	if (Array.isArray(data324)) {
																																		if (data324.length > 100) {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/steps/joined",
																																				schemaPath: "#/properties/steps/properties/joined/maxItems",
																																				keyword: "maxItems",
																																				params: { limit: 100 },
																																				message: "must NOT have more than 100 items"
																																			}];
																																			return false;
																																		} else if (data324.length < 0) {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/steps/joined",
																																				schemaPath: "#/properties/steps/properties/joined/minItems",
																																				keyword: "minItems",
																																				params: { limit: 0 },
																																				message: "must NOT have fewer than 0 items"
																																			}];
																																			return false;
																																		} else {
																																			const len32 = data324.length;
																																			for (let i32 = 0; i32 < len32; i32++) {
																																				let data325 = data324[i32];
																																				if (Array.isArray(data325)) {
																																					if (data325.length > 12) {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/steps/joined/" + i32,
																																							schemaPath: "#/properties/steps/properties/joined/items/maxItems",
																																							keyword: "maxItems",
																																							params: { limit: 12 },
																																							message: "must NOT have more than 12 items"
																																						}];
																																						return false;
																																					} else if (data325.length < 2) {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/steps/joined/" + i32,
																																							schemaPath: "#/properties/steps/properties/joined/items/minItems",
																																							keyword: "minItems",
																																							params: { limit: 2 },
																																							message: "must NOT have fewer than 2 items"
																																						}];
																																						return false;
																																					} else {
																																						const len33 = data325.length;
																																						for (let i33 = 0; i33 < len33; i33++) {
																																							let data326 = data325[i33];
																																							if (typeof data326 === "string") {
																																								if (func2(data326) > 200) {
																																									validate20.errors = [{
																																										instancePath: instancePath + "/steps/joined/" + i32 + "/" + i33,
																																										schemaPath: "#/properties/steps/properties/joined/items/items/maxLength",
																																										keyword: "maxLength",
																																										params: { limit: 200 },
																																										message: "must NOT have more than 200 characters"
																																									}];
																																									return false;
																																								} else if (func2(data326) < 1) {
																																									validate20.errors = [{
																																										instancePath: instancePath + "/steps/joined/" + i32 + "/" + i33,
																																										schemaPath: "#/properties/steps/properties/joined/items/items/minLength",
																																										keyword: "minLength",
																																										params: { limit: 1 },
																																										message: "must NOT have fewer than 1 characters"
																																									}];
																																									return false;
																																								}
																																							} else {
																																								validate20.errors = [{
																																									instancePath: instancePath + "/steps/joined/" + i32 + "/" + i33,
																																									schemaPath: "#/properties/steps/properties/joined/items/items/type",
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
																																						instancePath: instancePath + "/steps/joined/" + i32,
																																						schemaPath: "#/properties/steps/properties/joined/items/type",
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
																																			instancePath: instancePath + "/steps/joined",
																																			schemaPath: "#/properties/steps/properties/joined/type",
																																			keyword: "type",
																																			params: { type: "array" },
																																			message: "must be array"
																																		}];
																																		return false;
																																	}
																																	var valid83 = true;
																																} else var valid83 = true;
																																if (valid83) {
																																	if (data306.agreed !== void 0) {
																																		let data327 = data306.agreed;
																																		if (data327 && typeof data327 == "object" && !Array.isArray(data327)) {
																																			if (Object.keys(data327).length > 1e3) {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/steps/agreed",
																																					schemaPath: "#/properties/steps/properties/agreed/maxProperties",
																																					keyword: "maxProperties",
																																					params: { limit: 1e3 },
																																					message: "must NOT have more than 1000 properties"
																																				}];
																																				return false;
																																			} else for (const key58 in data327) {
																																				let data328 = data327[key58];
																																				if (typeof data328 === "string") {
																																					if (!pattern4.test(data328)) {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/steps/agreed/" + key58.replace(/~/g, "~0").replace(/\//g, "~1"),
																																							schemaPath: "#/properties/steps/properties/agreed/additionalProperties/pattern",
																																							keyword: "pattern",
																																							params: { pattern: "^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}$" },
																																							message: "must match pattern \"^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}$\""
																																						}];
																																						return false;
																																					}
																																				} else {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/steps/agreed/" + key58.replace(/~/g, "~0").replace(/\//g, "~1"),
																																						schemaPath: "#/properties/steps/properties/agreed/additionalProperties/type",
																																						keyword: "type",
																																						params: { type: "string" },
																																						message: "must be string"
																																					}];
																																					return false;
																																				}
																																			}
																																		} else {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/steps/agreed",
																																				schemaPath: "#/properties/steps/properties/agreed/type",
																																				keyword: "type",
																																				params: { type: "object" },
																																				message: "must be object"
																																			}];
																																			return false;
																																		}
																																		var valid83 = true;
																																	} else var valid83 = true;
																																	if (valid83) {
																																		if (data306.pins !== void 0) {
																																			let data329 = data306.pins;
																																			if (data329 && typeof data329 == "object" && !Array.isArray(data329)) {
																																				if (Object.keys(data329).length > 300) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/steps/pins",
																																						schemaPath: "#/properties/steps/properties/pins/maxProperties",
																																						keyword: "maxProperties",
																																						params: { limit: 300 },
																																						message: "must NOT have more than 300 properties"
																																					}];
																																					return false;
																																				} else for (const key59 in data329) {
																																					let data330 = data329[key59];
																																					if (typeof data330 === "string") {
																																						if (!pattern4.test(data330)) {
																																							validate20.errors = [{
																																								instancePath: instancePath + "/steps/pins/" + key59.replace(/~/g, "~0").replace(/\//g, "~1"),
																																								schemaPath: "#/properties/steps/properties/pins/additionalProperties/pattern",
																																								keyword: "pattern",
																																								params: { pattern: "^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}$" },
																																								message: "must match pattern \"^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}$\""
																																							}];
																																							return false;
																																						}
																																					} else {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/steps/pins/" + key59.replace(/~/g, "~0").replace(/\//g, "~1"),
																																							schemaPath: "#/properties/steps/properties/pins/additionalProperties/type",
																																							keyword: "type",
																																							params: { type: "string" },
																																							message: "must be string"
																																						}];
																																						return false;
																																					}
																																				}
																																			} else {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/steps/pins",
																																					schemaPath: "#/properties/steps/properties/pins/type",
																																					keyword: "type",
																																					params: { type: "object" },
																																					message: "must be object"
																																				}];
																																				return false;
																																			}
																																			var valid83 = true;
																																		} else var valid83 = true;
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
																											instancePath: instancePath + "/steps",
																											schemaPath: "#/properties/steps/type",
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
																										let data331 = data.bench;
																										if (data331 && typeof data331 == "object" && !Array.isArray(data331)) {
																											let missing47;
																											if (data331.done === void 0 && (missing47 = "done")) {
																												validate20.errors = [{
																													instancePath: instancePath + "/bench",
																													schemaPath: "#/properties/bench/required",
																													keyword: "required",
																													params: { missingProperty: missing47 },
																													message: "must have required property '" + missing47 + "'"
																												}];
																												return false;
																											} else {
																												for (const key60 in data331) if (!(key60 === "from" || key60 === "done" || key60 === "said" || key60 === "until")) {
																													validate20.errors = [{
																														instancePath: instancePath + "/bench",
																														schemaPath: "#/properties/bench/additionalProperties",
																														keyword: "additionalProperties",
																														params: { additionalProperty: key60 },
																														message: "must NOT have additional properties"
																													}];
																													return false;
																												}
																												if (data331.from !== void 0) {
																													let data332 = data331.from;
																													if (typeof data332 === "string") {
																														if (func2(data332) > 40) {
																															validate20.errors = [{
																																instancePath: instancePath + "/bench/from",
																																schemaPath: "#/properties/bench/properties/from/maxLength",
																																keyword: "maxLength",
																																params: { limit: 40 },
																																message: "must NOT have more than 40 characters"
																															}];
																															return false;
																														}
																													} else {
																														validate20.errors = [{
																															instancePath: instancePath + "/bench/from",
																															schemaPath: "#/properties/bench/properties/from/type",
																															keyword: "type",
																															params: { type: "string" },
																															message: "must be string"
																														}];
																														return false;
																													}
																													var valid93 = true;
																												} else var valid93 = true;
																												if (valid93) {
																													if (data331.done !== void 0) {
																														let data333 = data331.done;
																														if (Array.isArray(data333)) {
																															if (data333.length > 4e3) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/bench/done",
																																	schemaPath: "#/properties/bench/properties/done/maxItems",
																																	keyword: "maxItems",
																																	params: { limit: 4e3 },
																																	message: "must NOT have more than 4000 items"
																																}];
																																return false;
																															} else if (data333.length < 0) {
																																validate20.errors = [{
																																	instancePath: instancePath + "/bench/done",
																																	schemaPath: "#/properties/bench/properties/done/minItems",
																																	keyword: "minItems",
																																	params: { limit: 0 },
																																	message: "must NOT have fewer than 0 items"
																																}];
																																return false;
																															} else {
																																const len34 = data333.length;
																																for (let i34 = 0; i34 < len34; i34++) {
																																	let data334 = data333[i34];
																																	if (data334 && typeof data334 == "object" && !Array.isArray(data334)) {
																																		let missing48;
																																		if (data334.step === void 0 && (missing48 = "step") || data334.at === void 0 && (missing48 = "at")) {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/bench/done/" + i34,
																																				schemaPath: "#/properties/bench/properties/done/items/required",
																																				keyword: "required",
																																				params: { missingProperty: missing48 },
																																				message: "must have required property '" + missing48 + "'"
																																			}];
																																			return false;
																																		} else {
																																			for (const key61 in data334) if (!(key61 === "step" || key61 === "at")) {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/bench/done/" + i34,
																																					schemaPath: "#/properties/bench/properties/done/items/additionalProperties",
																																					keyword: "additionalProperties",
																																					params: { additionalProperty: key61 },
																																					message: "must NOT have additional properties"
																																				}];
																																				return false;
																																			}
																																			if (data334.step !== void 0) {
																																				let data335 = data334.step;
																																				if (typeof data335 === "string") {
																																					if (func2(data335) > 200) {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/bench/done/" + i34 + "/step",
																																							schemaPath: "#/properties/bench/properties/done/items/properties/step/maxLength",
																																							keyword: "maxLength",
																																							params: { limit: 200 },
																																							message: "must NOT have more than 200 characters"
																																						}];
																																						return false;
																																					} else if (func2(data335) < 1) {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/bench/done/" + i34 + "/step",
																																							schemaPath: "#/properties/bench/properties/done/items/properties/step/minLength",
																																							keyword: "minLength",
																																							params: { limit: 1 },
																																							message: "must NOT have fewer than 1 characters"
																																						}];
																																						return false;
																																					}
																																				} else {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/bench/done/" + i34 + "/step",
																																						schemaPath: "#/properties/bench/properties/done/items/properties/step/type",
																																						keyword: "type",
																																						params: { type: "string" },
																																						message: "must be string"
																																					}];
																																					return false;
																																				}
																																				var valid95 = true;
																																			} else var valid95 = true;
																																			if (valid95) {
																																				if (data334.at !== void 0) {
																																					let data336 = data334.at;
																																					if (typeof data336 === "string") {
																																						if (func2(data336) > 40) {
																																							validate20.errors = [{
																																								instancePath: instancePath + "/bench/done/" + i34 + "/at",
																																								schemaPath: "#/properties/bench/properties/done/items/properties/at/maxLength",
																																								keyword: "maxLength",
																																								params: { limit: 40 },
																																								message: "must NOT have more than 40 characters"
																																							}];
																																							return false;
																																						}
																																					} else {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/bench/done/" + i34 + "/at",
																																							schemaPath: "#/properties/bench/properties/done/items/properties/at/type",
																																							keyword: "type",
																																							params: { type: "string" },
																																							message: "must be string"
																																						}];
																																						return false;
																																					}
																																					var valid95 = true;
																																				} else var valid95 = true;
																																			}
																																		}
																																	} else {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/bench/done/" + i34,
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
																														var valid93 = true;
																													} else var valid93 = true;
																													if (valid93) {
																														if (data331.said !== void 0) {
																															let data337 = data331.said;
																															if (Array.isArray(data337)) {
																																if (data337.length > 2e3) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/bench/said",
																																		schemaPath: "#/properties/bench/properties/said/maxItems",
																																		keyword: "maxItems",
																																		params: { limit: 2e3 },
																																		message: "must NOT have more than 2000 items"
																																	}];
																																	return false;
																																} else if (data337.length < 1) {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/bench/said",
																																		schemaPath: "#/properties/bench/properties/said/minItems",
																																		keyword: "minItems",
																																		params: { limit: 1 },
																																		message: "must NOT have fewer than 1 items"
																																	}];
																																	return false;
																																} else {
																																	const len35 = data337.length;
																																	for (let i35 = 0; i35 < len35; i35++) {
																																		let data338 = data337[i35];
																																		if (data338 && typeof data338 == "object" && !Array.isArray(data338)) {
																																			let missing49;
																																			if (data338.piece === void 0 && (missing49 = "piece") || data338.question === void 0 && (missing49 = "question") || data338.firm === void 0 && (missing49 = "firm") || data338.at === void 0 && (missing49 = "at")) {
																																				validate20.errors = [{
																																					instancePath: instancePath + "/bench/said/" + i35,
																																					schemaPath: "#/properties/bench/properties/said/items/required",
																																					keyword: "required",
																																					params: { missingProperty: missing49 },
																																					message: "must have required property '" + missing49 + "'"
																																				}];
																																				return false;
																																			} else {
																																				for (const key62 in data338) if (!(key62 === "piece" || key62 === "question" || key62 === "firm" || key62 === "at")) {
																																					validate20.errors = [{
																																						instancePath: instancePath + "/bench/said/" + i35,
																																						schemaPath: "#/properties/bench/properties/said/items/additionalProperties",
																																						keyword: "additionalProperties",
																																						params: { additionalProperty: key62 },
																																						message: "must NOT have additional properties"
																																					}];
																																					return false;
																																				}
																																				if (data338.piece !== void 0) {
																																					let data339 = data338.piece;
																																					if (typeof data339 === "string") {
																																						if (!pattern5.test(data339)) {
																																							validate20.errors = [{
																																								instancePath: instancePath + "/bench/said/" + i35 + "/piece",
																																								schemaPath: "#/properties/bench/properties/said/items/properties/piece/pattern",
																																								keyword: "pattern",
																																								params: { pattern: "^[a-z0-9][a-z0-9-]{0,59}$" },
																																								message: "must match pattern \"^[a-z0-9][a-z0-9-]{0,59}$\""
																																							}];
																																							return false;
																																						}
																																					} else {
																																						validate20.errors = [{
																																							instancePath: instancePath + "/bench/said/" + i35 + "/piece",
																																							schemaPath: "#/properties/bench/properties/said/items/properties/piece/type",
																																							keyword: "type",
																																							params: { type: "string" },
																																							message: "must be string"
																																						}];
																																						return false;
																																					}
																																					var valid97 = true;
																																				} else var valid97 = true;
																																				if (valid97) {
																																					if (data338.question !== void 0) {
																																						let data340 = data338.question;
																																						if (typeof data340 !== "string") {
																																							validate20.errors = [{
																																								instancePath: instancePath + "/bench/said/" + i35 + "/question",
																																								schemaPath: "#/properties/bench/properties/said/items/properties/question/type",
																																								keyword: "type",
																																								params: { type: "string" },
																																								message: "must be string"
																																							}];
																																							return false;
																																						}
																																						if (!(data340 === "tack" || data340 === "skin" || data340 === "touch" || data340 === "pose" || data340 === "handle" || data340 === "bear" || data340 === "stand" || data340 === "hard" || data340 === "dry" || data340 === "stick" || data340 === "texture" || data340 === "bend")) {
																																							validate20.errors = [{
																																								instancePath: instancePath + "/bench/said/" + i35 + "/question",
																																								schemaPath: "#/properties/bench/properties/said/items/properties/question/enum",
																																								keyword: "enum",
																																								params: { allowedValues: schema31.properties.bench.properties.said.items.properties.question.enum },
																																								message: "must be equal to one of the allowed values"
																																							}];
																																							return false;
																																						}
																																						var valid97 = true;
																																					} else var valid97 = true;
																																					if (valid97) {
																																						if (data338.firm !== void 0) {
																																							if (typeof data338.firm !== "boolean") {
																																								validate20.errors = [{
																																									instancePath: instancePath + "/bench/said/" + i35 + "/firm",
																																									schemaPath: "#/properties/bench/properties/said/items/properties/firm/type",
																																									keyword: "type",
																																									params: { type: "boolean" },
																																									message: "must be boolean"
																																								}];
																																								return false;
																																							}
																																							var valid97 = true;
																																						} else var valid97 = true;
																																						if (valid97) {
																																							if (data338.at !== void 0) {
																																								let data342 = data338.at;
																																								if (typeof data342 === "string") {
																																									if (func2(data342) > 40) {
																																										validate20.errors = [{
																																											instancePath: instancePath + "/bench/said/" + i35 + "/at",
																																											schemaPath: "#/properties/bench/properties/said/items/properties/at/maxLength",
																																											keyword: "maxLength",
																																											params: { limit: 40 },
																																											message: "must NOT have more than 40 characters"
																																										}];
																																										return false;
																																									}
																																								} else {
																																									validate20.errors = [{
																																										instancePath: instancePath + "/bench/said/" + i35 + "/at",
																																										schemaPath: "#/properties/bench/properties/said/items/properties/at/type",
																																										keyword: "type",
																																										params: { type: "string" },
																																										message: "must be string"
																																									}];
																																									return false;
																																								}
																																								var valid97 = true;
																																							} else var valid97 = true;
																																						}
																																					}
																																				}
																																			}
																																		} else {
																																			validate20.errors = [{
																																				instancePath: instancePath + "/bench/said/" + i35,
																																				schemaPath: "#/properties/bench/properties/said/items/type",
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
																																	instancePath: instancePath + "/bench/said",
																																	schemaPath: "#/properties/bench/properties/said/type",
																																	keyword: "type",
																																	params: { type: "array" },
																																	message: "must be array"
																																}];
																																return false;
																															}
																															var valid93 = true;
																														} else var valid93 = true;
																														if (valid93) {
																															if (data331.until !== void 0) {
																																let data343 = data331.until;
																																if (typeof data343 === "string") {
																																	if (func2(data343) > 40) {
																																		validate20.errors = [{
																																			instancePath: instancePath + "/bench/until",
																																			schemaPath: "#/properties/bench/properties/until/maxLength",
																																			keyword: "maxLength",
																																			params: { limit: 40 },
																																			message: "must NOT have more than 40 characters"
																																		}];
																																		return false;
																																	}
																																} else {
																																	validate20.errors = [{
																																		instancePath: instancePath + "/bench/until",
																																		schemaPath: "#/properties/bench/properties/until/type",
																																		keyword: "type",
																																		params: { type: "string" },
																																		message: "must be string"
																																	}];
																																	return false;
																																}
																																var valid93 = true;
																															} else var valid93 = true;
																														}
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
