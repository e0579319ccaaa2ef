package bersaglio.core.pattern;

import bersaglio.core.rally.Ending;

/**
 * A point that a pattern opened.
 *
 * @param openingHeld whether the player came through the steps
 * @param length      contacts by either side, the steps among them
 */
public record Point(boolean openingHeld, int length, Ending ending) {}
