/**
 * Events, drills, targets and results as JSON, for the server and the page alike. The records are the format: what writes
 * and reads them is made of them while this is compiled, but for what is written by hand, and what raises older bodies.
 */
@Formats(
        value = {
            AdvanceRule.class,
            Conditions.class,
            Drill.class,
            Form.class,
            Goal.class,
            GroupEvent.class,
            Format.class,
            LevelMove.class,
            MatchEvent.class,
            PlacementTally.class,
            OwnCourt.class,
            Place.class,
            Reached.class,
            Retreat.class,
            Said.class,
            SetEvent.class,
            SharedEvent.class,
            Stance.class,
            TacticRule.class,
            TargetSet.class
        },
        shown = {
            AdviceView.class,
            GroupView.class,
            LyingView.class,
            MatchReviewView.class,
            MatchView.class,
            PassReportView.class,
            Problem.class,
            Ruling.class,
            DrillView.class,
            SetLine.class,
            ZoneReportView.class,
            SetView.class,
            TacticCheckView.class,
            VerdictView.class
        },
        byHand = {AreaFormat.class, CourtFormat.class, FiguresFormat.class, InUseFormat.class, PlacesFormat.class})
@NullMarked
package bersaglio.wire;

import bersaglio.core.advice.PlacementTally;
import bersaglio.core.match.Format;
import bersaglio.core.shot.Ruling;
import bersaglio.core.charting.GroupEvent;
import bersaglio.core.charting.LevelMove;
import bersaglio.core.charting.MatchEvent;
import bersaglio.core.charting.Reached;
import bersaglio.core.charting.Said;
import bersaglio.core.charting.SetEvent;
import bersaglio.core.charting.SharedEvent;
import bersaglio.core.court.OwnCourt;
import bersaglio.core.drill.AdvanceRule;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Retreat;
import bersaglio.core.goal.Goal;
import bersaglio.core.group.Form;
import bersaglio.core.place.Place;
import bersaglio.core.problem.Problem;
import bersaglio.core.tactic.TacticRule;
import bersaglio.core.target.Conditions;
import bersaglio.core.target.Stance;
import bersaglio.core.target.TargetSet;
import bersaglio.wire.view.AdviceView;
import bersaglio.wire.view.GroupView;
import bersaglio.wire.view.LyingView;
import bersaglio.wire.view.MatchReviewView;
import bersaglio.wire.view.MatchView;
import bersaglio.wire.view.PassReportView;
import bersaglio.wire.view.DrillView;
import bersaglio.wire.view.SetLine;
import bersaglio.wire.view.SetView;
import bersaglio.wire.view.TacticCheckView;
import bersaglio.wire.view.VerdictView;
import bersaglio.wire.view.ZoneReportView;
import org.jspecify.annotations.NullMarked;
