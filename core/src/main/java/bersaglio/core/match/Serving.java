package bersaglio.core.match;

import bersaglio.core.court.Side;

/**
 * Who serves the next rally.
 *
 * @param player   of the team, 0 or 1 in the order in which they were named
 * @param receiver of the other team; 0 where they are one player each
 * @param court    that is served from, as the server sees it; none where the sport has none
 * @param number   of the server's turn in the team's service, where a team has two; else 1
 */
public record Serving(Team team, int player, int receiver, Side court, int number) {}
