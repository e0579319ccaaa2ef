package bersaglio.core.drill;

import java.util.function.IntToDoubleFunction;

/**
 * The chance that the evidence rule has moved a player of a known true rate up within some sets.
 *
 * <p>The number of weighted trials is known after every ball; the weighted hits are a chance variable, carried ball by
 * ball as a distribution on a fine grid. A value between two cells is shared between them so that the mean is kept; the
 * error of the result is below 0.002.
 */
final class EvidenceOdds {

    private static final int CELLS_A_HIT = 64;
    private static final int MANY_BALLS = 300;
    private static final int CELLS_OF_MANY = 10;

    private final Evidence rule;
    private final Level level;
    private final Trying trying;
    private final int cells;

    EvidenceOdds(Evidence rule, Level level, Trying trying) {
        this.rule = rule;
        this.level = level;
        this.trying = trying;
        this.cells = level.ahead().balls() * trying.sets() > MANY_BALLS ? CELLS_OF_MANY : CELLS_A_HIT;
    }

    double[] passedAfter() {
        return trying.averaged(level.ahead().balls(), this::passedAfter);
    }

    private double[] passedAfter(IntToDoubleFunction worth) {
        int balls = level.ahead().balls();
        double[] passedAfter = new double[trying.sets()];
        double fading = rule.fading();
        double all = (double) balls * passedAfter.length;
        double most = fading == 1 ? all : Math.min(all, 1 / (1 - fading));
        double[] chance = new double[(int) Math.ceil(most * cells) + cells + 2];
        chance[0] = 1;
        double trials = 0;
        double passed = 0;
        double asked = level.targetRate();
        for (int set = 0; set < passedAfter.length; set++) {
            for (int ball = 0; ball < balls; ball++) {
                chance = afterBall(chance, fading);
                trials = trials * fading + 1;
            }
            passed += takeAdvancing(chance, (set + 1) * balls, trials, asked, worth.applyAsDouble((set + 1) * balls));
            passedAfter[set] = Math.min(1, passed);
        }
        return passedAfter;
    }

    private double[] afterBall(double[] chance, double fading) {
        double[] next = new double[chance.length];
        for (int cell = 0; cell < chance.length; cell++) {
            if (chance[cell] > 0) {
                double faded = cell * fading;
                spread(next, faded, chance[cell] * (1 - trying.rate()));
                spread(next, faded + cells, chance[cell] * trying.rate());
            }
        }
        return next;
    }

    private static void spread(double[] chance, double place, double mass) {
        int cell = (int) place;
        double above = place - cell;
        chance[cell] += mass * (1 - above);
        if (above > 0) {
            chance[cell + 1] += mass * above;
        }
    }

    private double takeAdvancing(double[] chance, int plain, double trials, double asked, double worth) {
        double taken = 0;
        int cell = chance.length - 1;
        while (cell >= 0 && (chance[cell] == 0 || rule.advances(asked, plain, worth * cell / cells, worth * trials))) {
            taken += chance[cell];
            chance[cell] = 0;
            cell--;
        }
        return taken;
    }
}
