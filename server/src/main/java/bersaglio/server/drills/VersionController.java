package bersaglio.server.drills;

import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import bersaglio.server.drills.DrillViews.ListedDrill;
import bersaglio.wire.view.DrillView;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Drill versions by their ids and tags: what was told once need not be asked for again. */
@RestController
class VersionController {

    private static final int MOST = 40;

    private final Drills drills;
    private final DrillViews views;

    VersionController(Drills drills, DrillViews views) {
        this.drills = drills;
        this.views = views;
    }

    /** @param of 1 to 40 of them, each an id, a point and a tag */
    @GetMapping("/api/drills/versions")
    List<DrillView> versions(@RequestParam List<String> of, HttpServletResponse response) {
        Check.requireBetween("of", of.size(), 1, MOST);
        List<DrillView> told = of.stream().map(this::view).toList();
        response.setHeader("Cache-Control", "private, max-age=31536000, immutable");
        return told;
    }

    private DrillView view(String asked) {
        return drills.version(asked.substring(0, Math.max(0, asked.lastIndexOf('.'))))
                .filter(drill -> asked.equals(tagged(drill)))
                .map(views::of)
                .orElseThrow(() -> new Refused(
                        "unknown_id", "of", asked, "a drill of this club with its tag, as the club names it"));
    }

    private String tagged(Drill drill) {
        ListedDrill listed = views.listed(drill);
        return listed.id() + "." + listed.tag();
    }
}
