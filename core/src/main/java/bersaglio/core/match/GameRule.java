package bersaglio.core.match;

import bersaglio.core.format.Family;
import bersaglio.core.format.Kind;
import bersaglio.core.format.Usually;
import bersaglio.core.pattern.Way;
import bersaglio.core.problem.Check;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What holds in a game besides its scoring. Each says what a rally that breaks it comes to, as far as it was charted. */
@Family
public sealed interface GameRule {

    /** What a rally that breaks a rule comes to. */
    enum Then {
        /** Who broke it loses it. */
        LOST,
        /** It is played again. */
        AGAIN,
        /** It stands, and is nobody's point. */
        NO_POINT;

        /** @param broke who did what the rule does not allow */
        RallyEnd of(Team broke) {
            return switch (this) {
                case LOST -> RallyEnd.won(RallyEnd.How.GIVEN, broke.other());
                case AGAIN -> RallyEnd.without(RallyEnd.How.LET);
                case NO_POINT -> RallyEnd.without(RallyEnd.How.VOID);
            };
        }
    }

    /** What this makes of a rally; nothing where it holds, or where nothing can be said of it. */
    Optional<RallyEnd> breaks(PlayedRally rally);

    /** These parts of the half count as out; a serve has a court of its own. */
    @Kind("OUT")
    record Out(List<Integer> spots) implements GameRule {
        public Out {
            Check.requireBetween("spots", spots.size(), 1, Spots.MOST - 1);
            for (int i = 0; i < spots.size(); i++) {
                Check.requireBetween("spots." + i, spots.get(i), 1, Spots.MOST);
            }
            spots = List.copyOf(spots);
        }

        @Override
        public Optional<RallyEnd> breaks(PlayedRally rally) {
            return rally.shots().stream()
                    .filter(shot -> !shot.isServe() && spots.contains(shot.spot()))
                    .findFirst()
                    .map(shot -> Then.LOST.of(shot.by().team()));
        }
    }

    /**
     * This shot may not end the rally.
     *
     * @param judge who says so where it is not charted, in the coach's words
     */
    @Kind("MAY_NOT_END")
    record MayNotEnd(String stroke, Then then, @Usually("") String judge) implements GameRule {
        public MayNotEnd {
            Check.requireText("stroke", stroke, 24);
            Way.requireStroke("stroke", stroke);
            Check.requireBetween("judge.length", judge.length(), 0, 60);
        }

        @Override
        public Optional<RallyEnd> breaks(PlayedRally rally) {
            boolean won =
                    rally.end().how() == RallyEnd.How.WINNER || rally.end().how() == RallyEnd.How.FORCED;
            return won
                            && rally.last()
                                    .filter(shot -> stroke.equals(shot.stroke()))
                                    .isPresent()
                    ? rally.end().winner().map(team -> then.of(team))
                    : Optional.empty();
        }
    }

    /** Nothing but this stroke is played, after the serve. */
    @Kind("ONLY")
    record Only(String stroke, Then then) implements GameRule {
        public Only {
            Check.requireText("stroke", stroke, 24);
            Way.requireStroke("stroke", stroke);
        }

        @Override
        public Optional<RallyEnd> breaks(PlayedRally rally) {
            return rally.shots().stream()
                    .filter(shot -> !shot.isServe()
                            && !shot.stroke().isEmpty()
                            && !shot.stroke().equals(stroke))
                    .findFirst()
                    .map(shot -> then.of(shot.by().team()));
        }
    }

    /**
     * Every rally begins with these shots, the serve among them.
     *
     * @param then what one of them that misses, or is another, comes to
     */
    @Kind("OPENING")
    record Compulsory(List<Way> shots, Then then) implements GameRule {
        public Compulsory {
            Check.requireBetween("shots", shots.size(), 1, 6);
            shots = List.copyOf(shots);
        }

        @Override
        public Optional<RallyEnd> breaks(PlayedRally rally) {
            List<MatchShot> played = new ArrayList<>();
            for (MatchShot shot : rally.shots()) {
                if (shot.gap()) {
                    break;
                }
                if (!shot.isServe() || shot.isIn()) {
                    played.add(shot);
                }
            }
            for (int i = 0; i < Math.min(shots.size(), played.size()); i++) {
                Way way = shots.get(i);
                MatchShot shot = played.get(i);
                boolean other = way.zone() > 0 && shot.spot() > 0 && shot.spot() != way.zone()
                        || !way.stroke().isEmpty()
                                && !shot.stroke().isEmpty()
                                && !way.stroke().equals(shot.stroke());
                if (other || !shot.isIn()) {
                    return Optional.of(then.of(shot.by().team()));
                }
            }
            return Optional.empty();
        }
    }

    /**
     * Points that either, or both, may earn at the moment they happen, whatever the rally comes to.
     *
     * @param name   in the coach's words
     * @param points each time; 0 where it is only counted
     * @param spot   the part of the half that earns it when a shot, no serve, comes there in play; 0 where somebody says so
     */
    @Kind("BONUS")
    record Bonus(String name, int points, @Usually("0") int spot) implements GameRule {
        public Bonus {
            Check.requireText("name", name, 60);
            Check.requireBetween("points", points, 0, 10);
            Check.requireBetween("spot", spot, 0, Spots.MOST);
        }

        @Override
        public Optional<RallyEnd> breaks(PlayedRally rally) {
            return Optional.empty();
        }
    }
}
