/**
 * Drawn silhouettes that stand for what is seen upright: paths in a box one wide and one high, foot in the middle of
 * its bottom edge, y up.
 */
export const SILHOUETTES: Record<string, string> = {
  figure:
    "M-.3 0L-.26 .03L-.2 .28L-.16 .46L-.34 .5L-.36 .72Q-.3 .8 -.1 .83L-.09 .86Q-.16 .9 -.13 .96Q-.06 1 0 1Q.08 1 .13 .95Q.15 .9 .08 .86L.1 .83Q.3 .8 .36 .7L.34 .5L.2 .46L.22 .28L.28 .03L.32 0L.08 0L.06 .04L.02 .4L-.04 .04L-.06 0Z",
  mounted:
    "M-.36 0L-.33 .3L-.42 .42L-.46 .3L-.49 .34L-.44 .52Q-.3 .58 -.14 .56L-.12 .7L-.14 .8L-.05 .84Q-.1 .92 -.02 1Q.08 .98 .06 .86L.12 .8L.12 .62L.24 .66L.34 .8L.38 .76L.5 .64L.46 .58L.36 .62L.28 .46L.3 .3L.34 0L.26 0L.22 .26L.12 .32L-.2 .32L-.26 .26L-.28 0Z",
  animal:
    "M-.38 0L-.36 .36L-.46 .5L-.5 .3L-.5 .56Q-.4 .74 -.2 .7L.2 .7L.3 .92L.32 1L.38 .92L.5 .8L.48 .72L.38 .74L.32 .52L.3 .36L.3 0L.22 0L.2 .34L.1 .4L-.16 .4L-.26 .34L-.3 0Z",
  tree: "M-.06 0L-.04 .36Q-.3 .3 -.44 .44Q-.54 .56 -.42 .68Q-.44 .84 -.24 .88Q-.1 1.02 .08 .98Q.28 1 .36 .84Q.54 .76 .46 .6Q.5 .42 .28 .38Q.14 .3 .04 .36L.06 0Z",
  bush: "M-.3 0Q-.52 .1 -.48 .36Q-.5 .62 -.26 .7Q-.16 1.02 .1 .96Q.36 .98 .4 .68Q.56 .46 .44 .2Q.42 .04 .28 0Z",
  hedge: "M-.5 0L-.5 .86Q-.4 1 -.3 .9Q-.2 1.02 -.1 .92Q0 1.02 .1 .92Q.2 1 .3 .9Q.42 1.02 .5 .86L.5 0Z",
  sign: "M-.12 0L-.12 .62L-.5 .62L-.5 1L.5 1L.5 .62L.12 .62L.12 0Z",
  light: "M-.1 0L-.1 .86L-.4 .88L-.3 1L.3 1L.4 .88L.1 .86L.1 0Z",
  roots: "M-.5 0Q-.3 .5 -.1 .6Q-.06 1 .04 1Q.12 .7 .16 .56Q.34 .4 .5 0L.3 .16L.2 0L.06 .3L-.1 0L-.24 .2Z",
  fence:
    "M-.5 0L-.5 1L-.46 1L-.46 .8L-.02 .8L-.02 1L.02 1L.02 .8L.46 .8L.46 1L.5 1L.5 0L.46 0L.46 .24L.02 .24L.02 0L-.02 0L-.02 .24L-.46 .24L-.46 0ZM-.46 .36L-.02 .36L-.02 .68L-.46 .68ZM.02 .36L.46 .36L.46 .68L.02 .68Z",
};

/** Kinds of subject drawn in the paper-white of a model not yet painted. */
export const SUBJECT_KINDS = ["figure", "mounted", "animal", "vehicle", "aircraft", "hull", "prop"];
