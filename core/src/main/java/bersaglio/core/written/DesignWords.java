package bersaglio.core.written;

import bersaglio.core.drill.CountUnit;
import bersaglio.core.drill.CountUnit.FirstMiss;
import bersaglio.core.drill.CountUnit.Kind;
import bersaglio.core.drill.Design;
import bersaglio.core.drill.Design.Apart;
import bersaglio.core.drill.Design.Order;
import bersaglio.core.drill.Design.RangeFinding;
import bersaglio.core.drill.Design.Setting;
import bersaglio.core.words.Phrases;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** How a drill is meant and run, in words, clause by clause in any order. */
final class DesignWords {

    private static final Phrases<Kind> UNIT = Phrases.with("balls", Kind.BALL)
            .and("pairs", Kind.PAIR)
            .and("combinations of", Kind.COMBINATION)
            .and("passes", Kind.PASS)
            .and("contacts", Kind.CONTACT)
            .and("rallies", Kind.RALLY);
    private static final Phrases<FirstMiss> FIRST_MISS = Phrases.with(
                    "a first miss uses up a try", FirstMiss.USES_UP_A_TRY)
            .and("a first miss is played again", FirstMiss.IS_PLAYED_AGAIN);
    private static final Phrases<Order> ORDER =
            Phrases.with("blocked", Order.BLOCKED).and("mixed", Order.MIXED);
    private static final Phrases<Apart> APART =
            Phrases.with("wing", Apart.WING).and("hand", Apart.HAND).and("side", Apart.SIDE);

    private List<String> purposes = Design.PLAIN.purposes();
    private String situation = "";
    private String watchPoint = "";
    private CountUnit unit = CountUnit.BALL;
    private Order order = Order.BLOCKED;
    private RangeFinding rangeFinding = RangeFinding.NONE;
    private Setting setting = Setting.PLAIN;
    private final Set<Apart> apart = new HashSet<>();
    private Design.Group group = Design.PLAIN.group();
    private int minutes = Design.PLAIN.minutes();
    private final List<Design.Requirement> requires = new ArrayList<>();
    private Optional<String> below = Optional.empty();

    /** Whether the next clause was one of the design's. */
    boolean takes(Reader from) {
        return from.at(() -> takesMeaning(from) || takesRunning(from) || takesSetting(from));
    }

    private boolean takesMeaning(Reader from) {
        if (from.takes("serves")) {
            purposes = texts(from);
        } else if (from.takes("feeds the situation")) {
            situation = from.text();
        } else if (from.takes("watch")) {
            watchPoint = from.text();
        } else if (from.takes("requires")) {
            String family = from.text();
            from.needs("level");
            requires.add(new Design.Requirement(family, from.count()));
        } else if (from.takes("below it")) {
            below = Optional.of(from.text());
        } else {
            return false;
        }
        return true;
    }

    private boolean takesRunning(Reader from) {
        if (from.takes("count")) {
            Kind kind = UNIT.read(from);
            int balls = kind == Kind.COMBINATION ? from.count() : kind == Kind.PAIR ? 2 : 1;
            FirstMiss miss = FIRST_MISS.isNext(from) ? FIRST_MISS.read(from) : FirstMiss.USES_UP_A_TRY;
            unit = new CountUnit(kind, balls, miss);
        } else if (from.takes("order")) {
            order = ORDER.read(from);
        } else if (from.takes("find range until the coach says")) {
            rangeFinding = RangeFinding.UNTIL_THE_COACH_SAYS;
        } else if (from.takes("own rung for each")) {
            do {
                apart.add(APART.read(from));
            } while (APART.isNext(from));
        } else if (from.takes("players")) {
            int least = from.count();
            group = new Design.Group(least, from.takes("to") ? from.count() : least);
        } else if (from.takes("minutes")) {
            minutes = from.count();
        } else {
            return false;
        }
        return true;
    }

    private boolean takesSetting(Reader from) {
        if (from.takes("feeder")) {
            setting = new Setting(from.text(), setting.partnerMay(), setting.ball(), setting.obstruction());
        } else if (from.takes("partner may")) {
            setting = new Setting(setting.feeder(), from.text(), setting.ball(), setting.obstruction());
        } else if (from.takes("ball")) {
            setting = new Setting(setting.feeder(), setting.partnerMay(), from.text(), setting.obstruction());
        } else if (from.takes("in the way")) {
            setting = new Setting(setting.feeder(), setting.partnerMay(), setting.ball(), from.text());
        } else {
            return false;
        }
        return true;
    }

    private static List<String> texts(Reader from) {
        List<String> texts = new ArrayList<>();
        do {
            texts.add(from.text());
        } while (from.textIsNext());
        return texts;
    }

    Design design() {
        return new Design(
                purposes,
                situation,
                watchPoint,
                unit,
                order,
                rangeFinding,
                setting,
                apart,
                group,
                minutes,
                requires,
                below);
    }

    static void write(Sentence to, Design design) {
        if (!design.purposes().isEmpty()) {
            to.line(0).say("serves").quoted(design.purposes());
        }
        text(to, "feeds the situation", design.situation());
        text(to, "watch", design.watchPoint());
        if (!design.unit().equals(CountUnit.BALL)) {
            write(to.line(0).say("count"), design.unit());
        }
        if (design.order() == Order.MIXED) {
            to.line(0).say("order mixed");
        }
        if (design.rangeFinding() == RangeFinding.UNTIL_THE_COACH_SAYS) {
            to.line(0).say("find range until the coach says");
        }
        text(to, "feeder", design.setting().feeder());
        text(to, "partner may", design.setting().partnerMay());
        text(to, "ball", design.setting().ball());
        text(to, "in the way", design.setting().obstruction());
        if (!design.apart().isEmpty()) {
            to.line(0).say("own rung for each");
            int said = 0;
            for (Apart one : Apart.values()) {
                if (design.apart().contains(one)) {
                    (said++ == 0 ? to : to.comma()).say(APART.of(one));
                }
            }
        }
        to.line(0).say("players").number(design.group().least());
        if (design.group().most() > design.group().least()) {
            to.say("to").number(design.group().most());
        }
        to.line(0).say("minutes").number(design.minutes());
        for (Design.Requirement one : design.requires()) {
            to.line(0).say("requires").quoted(one.family()).say("level").number(one.level());
        }
        text(to, "below it", design.below().orElse(""));
    }

    private static void write(Sentence to, CountUnit unit) {
        to.say(UNIT.of(unit.kind()));
        if (unit.kind() == Kind.COMBINATION) {
            to.number(unit.balls());
        }
        if (unit.firstMiss() == FirstMiss.IS_PLAYED_AGAIN) {
            to.comma().say(FIRST_MISS.of(unit.firstMiss()));
        }
    }

    private static void text(Sentence to, String clause, String words) {
        if (!words.isEmpty()) {
            to.line(0).say(clause).quoted(words);
        }
    }
}
