package bersaglio.core.charting;

import bersaglio.core.goal.Rally;
import bersaglio.core.rally.ChartedRally;
import bersaglio.core.rally.Ending;
import bersaglio.core.rally.PartnerMiss;
import bersaglio.core.rally.Rallies;
import bersaglio.core.shot.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/** The contacts of a set while its events are gone through, rally by rally. */
final class RallyCount {

    private final List<ChartedRally> over = new ArrayList<>();
    private final List<Role> now = new ArrayList<>();
    /** What the rallies before it bring to this one. */
    private int before;

    void contact(Role by) {
        now.add(by);
    }

    /** Of the rally that is on. */
    int contactsNow() {
        return now.size();
    }

    /**
     * @return the length that it is for this goal; nothing where it is no try, or goes on
     */
    OptionalInt end(Ending ending, long at, Rally goal) {
        int own = ownNow();
        int contacts = now.size();
        int length = length(goal);
        over.add(new ChartedRally(contacts, OptionalInt.of(own), Optional.of(ending), at));
        now.clear();
        boolean byOthers = ending.how() == Ending.How.ERROR && !ending.isOwnError();
        before = byOthers && goal.partnerMiss() == PartnerMiss.RESUMES ? length : 0;
        return byOthers && goal.partnerMiss() != PartnerMiss.ENDS_IT ? OptionalInt.empty() : OptionalInt.of(length);
    }

    /** A length that somebody gave stands for the contacts that were counted of it. */
    void typed(double length, long at) {
        over.add(new ChartedRally(length, OptionalInt.empty(), Optional.empty(), at));
        now.clear();
    }

    private int ownNow() {
        return (int) now.stream().filter(by -> by == Role.PLAYER).count();
    }

    private int length(Rally goal) {
        return before + goal.counts().of(now.size(), ownNow());
    }

    Rallies rallies(Rally goal) {
        return new Rallies(over, now, length(goal));
    }
}
