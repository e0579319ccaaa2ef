package bersaglio.wire;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.core.charting.Closing;
import bersaglio.core.charting.LevelMove;
import bersaglio.core.charting.Rhythm;
import bersaglio.core.charting.Rung;
import bersaglio.core.charting.Said;
import bersaglio.core.charting.SetDetails;
import bersaglio.core.charting.SetResult;
import bersaglio.core.drill.Advice;
import bersaglio.core.drill.Figure;
import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Standing;
import bersaglio.wire.format.SetLineFormat;
import bersaglio.wire.view.SetLine;
import com.eclipsesource.json.Json;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

class ResultCodecTest {

    private static final SetResult CHARTED = new SetResult(
            "run-1",
            "player-1",
            new Rung("clear-v1", 2, "BACKHAND", "1:-2590,5500,-1500,6700,13080"),
            1_795_600_000_000L,
            new Attempt("110111", Standing.OPEN, 5, 1_795_600_000_000L),
            false,
            3,
            false,
            new Closing(true, Optional.empty(), Optional.empty()),
            new SetDetails(
                    List.of(3, 0, 5), OptionalInt.of(6), List.of("player-2"), true, false, 2, new Rhythm(3, 21_500)));

    @Test
    void aSetOfALedgerComesBackTheSame() {
        assertThat(sentAndRead(CHARTED)).isEqualTo(CHARTED);
    }

    @Test
    void whatWasSaidAndTheMoveComeBackTheSame() {
        Advice advice = new Advice(Advice.Call.MOVE_UP, "once.met", List.of(new Figure("hits", 8)));
        SetResult decided = new SetResult(
                CHARTED.run(),
                CHARTED.player(),
                new Rung(
                        CHARTED.rung().drill(),
                        CHARTED.rung().level(),
                        CHARTED.rung().track(),
                        CHARTED.rung().laid()),
                CHARTED.heldAt(),
                CHARTED.attempt(),
                true,
                CHARTED.notSeen(),
                true,
                new Closing(
                        true,
                        Optional.of(new Said(advice.call(), advice.code(), advice.figures(), 1)),
                        Optional.of(new LevelMove(2, 3, LevelMove.By.COACH, true))),
                SetDetails.NONE);
        assertThat(sentAndRead(decided)).isEqualTo(decided);
    }

    @Test
    void whatIsUsualOfASetIsNotWrittenAndReadAllTheSame() {
        SetDetails usual =
                new SetDetails(List.of(), OptionalInt.empty(), List.of(), false, false, 0, new Rhythm(11, 99_000));
        assertThat(ResultCodec.briefly(usual)).hasToString("{\"gaps\":11,\"gapMillis\":99000}");
        assertThat(ResultCodec.briefly(SetDetails.NONE)).hasToString("{}");
        SetDetails calledNone =
                new SetDetails(List.of(), OptionalInt.of(0), List.of(), false, false, 0, new Rhythm(1, 0));
        for (SetDetails details : List.of(usual, calledNone, SetDetails.NONE, CHARTED.details())) {
            Fields kept = Fields.read(ResultCodec.briefly(details).toString());
            assertThat(ResultCodec.details(kept)).isEqualTo(details);
        }
    }

    private static SetResult sentAndRead(SetResult result) {
        String text = SetLineFormat.encode(SetLine.of(result)).toString();
        return ResultCodec.decodeLine(Fields.of("", Json.parse(text)));
    }
}
