package bersaglio.core.advice;

import bersaglio.core.match.Bounce;

/** Where a stroke was sent: serves by their box, all else by the half. Kinds of places are never counted together. */
public record Placement(String stroke, int spot, Bounce kind) {}
