package bersaglio.server.drills;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.core.drill.Drill;
import bersaglio.core.target.OneArea;
import bersaglio.core.target.Tie;
import bersaglio.wire.DrillCodec;
import bersaglio.wire.Fields;
import org.junit.jupiter.api.Test;

class OldDrillsTest {

    /** As the first release stored it. */
    private static final String FIRST =
            """
            {"id":"straight-clear-1","version":1,"name":"Straight clear","feed":"High serve","freedom":"FED",\
            "court":"badminton","inUse":"singles","levels":[{"number":1,"zone":{"name":"Rear corner","number":1,\
            "plane":"FLOOR","area":{"kind":"RECTANGLE","bounds":{"left":0.79,"near":4.5,"right":2.59,"far":6.7},\
            "middle":{"x":1.69,"y":5.6}},"tie":"HITTER_HAND"},"quota":{"hits":8,"balls":12},"tries":3,\
            "targetRate":0.62,"advance":{"rule":"one_met"}}]}""";

    @Test
    void aDrillOfTheFirstReleaseReadsAsWhatItIsToday() {
        Drill drill = DrillCodec.decode(OldDrills.raised(Fields.parse(FIRST)));
        assertThat(drill.family()).isEqualTo("straight-clear");
        assertThat(drill.level(1).target().zones().get(0)).satisfies(zone -> {
            assertThat(zone.tie()).isEqualTo(Tie.HITTER_HAND);
            assertThat(zone.asks()).isInstanceOf(OneArea.class);
        });
        assertThat(DrillCodec.decode(OldDrills.raised(DrillCodec.encode(drill))))
                .isEqualTo(drill);
    }
}
