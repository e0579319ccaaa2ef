package bersaglio.browser.build;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class WeightsTest {

    /** Columns 0 and 4 of the first line, 0 of the third; sources 0, then 1, then back to 0. */
    @Test
    void everyCharacterBelongsToThePackageWhoseSourceItCameFrom() {
        String map =
                """
                {"version":3,"sources":["bersaglio/core/goal/Run.java","java/util/HashMap.java"],"mappings":"AAAA,ICAA;;ADAA"}""";
        assertThat(Weights.of("aaaabbbbbb\n??\ncc", map))
                .containsExactly(
                        java.util.Map.entry("bersaglio.core.goal", 6),
                        java.util.Map.entry("java.util", 6),
                        java.util.Map.entry("without a source", 2));
    }

    @Test
    void numbersOfSeveralDigitsAndBelowNothingAreRead() {
        // 2C is 43, and D is one back.
        String map = "{\"version\":3,\"sources\":[\"a/b/C.java\",\"d/e/F.java\"],\"mappings\":\"2CCAA,CDAA\"}";
        String module = "x".repeat(43) + "y" + "zzz";
        assertThat(Weights.of(module, map))
                .containsEntry("without a source", 43)
                .containsEntry("d.e", 1)
                .containsEntry("a.b", 3);
    }
}
