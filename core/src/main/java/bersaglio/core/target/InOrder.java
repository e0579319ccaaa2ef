package bersaglio.core.target;

import bersaglio.core.court.Court;
import bersaglio.core.court.Plane;
import bersaglio.core.format.Kind;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import java.util.ArrayList;
import java.util.List;

/** Places that one ball comes to one after the other; each must be right. */
@Kind("IN_ORDER")
public record InOrder(List<Part> parts) implements Target {

    /** One place on the way. {@code inUse} is a region of its surface. */
    public record Part(Plane plane, String inUse, Target.OnSurface asks) {}

    public InOrder {
        Check.requireBetween("parts", parts.size(), 2, 4);
        parts = List.copyOf(parts);
        for (int i = 0; i < parts.size(); i++) {
            if (parts.get(i).asks() instanceof Effect) {
                throw new Refused("not_allowed", "parts." + i, "EFFECT", "a target with a place");
            }
            if (i > 0 && parts.get(i).plane() == parts.get(i - 1).plane()) {
                throw new Refused(
                        "not_allowed",
                        "parts." + i + ".plane",
                        parts.get(i).plane().name(),
                        "another surface");
            }
        }
    }

    /** Its words after {@code first}. */
    static InOrder read(Reader from, Court court) {
        List<Part> parts = new ArrayList<>();
        do {
            Plane plane = from.one(Plane.values());
            from.needs("in");
            String region = from.name(court.regionNames());
            parts.add(new Part(plane, region, TargetWords.onSurface(from, court)));
        } while (from.takes("then it comes"));
        return new InOrder(parts);
    }

    @Override
    public void write(Sentence to) {
        for (int i = 0; i < parts.size(); i++) {
            Part part = parts.get(i);
            to.say(i == 0 ? "first" : "then it comes").say(part.plane());
            part.asks().write(to.say("in").name(part.inUse()).comma());
        }
    }

    /** The last place is the one that is made larger or smaller. */
    @Override
    public InOrder with(Change change) {
        List<Part> changed = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            Part part = parts.get(i);
            boolean kept = change instanceof Change.Scaled && i < parts.size() - 1;
            changed.add(
                    kept
                            ? part
                            : new Part(
                                    part.plane(),
                                    change.ofLine(part.inUse()),
                                    part.asks().with(change)));
        }
        return new InOrder(changed);
    }
}
