import type { GraphicsManifest } from 'ograf';

/** The manifest of the demo's Judge bar, as it is written; a test compares them. */
export const manifest: GraphicsManifest = {
  "$schema" : "https://ograf.ebu.io/v1/specification/json-schemas/graphics/schema.json",
  "id" : "glimble.judge-bar",
  "name" : "Judge bar",
  "main" : "graphic.mjs",
  "supportsRealTime" : true,
  "supportsNonRealTime" : true,
  "stepCount" : 1,
  "schema" : {
    "type" : "object",
    "properties" : {
      "name" : {
        "title" : "Name",
        "description" : "At most 60 letters.",
        "type" : "string",
        "gddType" : "single-line",
        "default" : "Ingeborg Halvorsen"
      },
      "class" : {
        "title" : "Class",
        "description" : "At most 48 letters.",
        "type" : "string",
        "gddType" : "single-line",
        "default" : "Box-kite height"
      },
      "side" : {
        "title" : "Side",
        "type" : "string",
        "gddType" : "select",
        "enum" : [ "", "left", "right" ],
        "gddOptions" : {
          "labels" : {
            "" : "none",
            "left" : "left",
            "right" : "right"
          }
        },
        "default" : "left"
      },
      "crest" : {
        "title" : "Crest",
        "type" : "string",
        "gddType" : "select",
        "enum" : [ "", "kite mark", "north strand", "skerry tails" ],
        "gddOptions" : {
          "labels" : {
            "" : "none",
            "kite mark" : "kite mark",
            "north strand" : "north strand",
            "skerry tails" : "skerry tails"
          }
        },
        "default" : "north strand"
      }
    },
    "required" : [ "name" ],
    "additionalProperties" : {
      "not" : { }
    }
  },
  "renderRequirements" : [ {
    "resolution" : {
      "width" : {
        "ideal" : 1920
      },
      "height" : {
        "ideal" : 1080
      }
    },
    "frameRate" : {
      "ideal" : 50.0
    }
  } ],
  "thumbnails" : [ {
    "file" : "thumbnail.png",
    "resolution" : {
      "width" : 480,
      "height" : 270
    }
  } ]
};
