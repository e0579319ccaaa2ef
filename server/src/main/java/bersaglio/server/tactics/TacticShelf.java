package bersaglio.server.tactics;

import bersaglio.core.tactic.TacticRule;
import bersaglio.server.storage.Shelf;
import bersaglio.wire.Fields;
import bersaglio.wire.format.TacticRuleFormat;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The rules that the club wrote. */
@Configuration
class TacticShelf implements Shelf.Form<TacticRule> {

    @Bean
    Shelf<TacticRule> tactics(Shelf.Shelves shelves) {
        return shelves.of(this);
    }

    @Override
    public String kind() {
        return "tactic";
    }

    @Override
    public String id(TacticRule rule) {
        return rule.id();
    }

    @Override
    public int version(TacticRule rule) {
        return rule.version();
    }

    @Override
    public String name(TacticRule rule) {
        return rule.name();
    }

    @Override
    public TacticRule as(int version, TacticRule rule) {
        return rule.as(version);
    }

    @Override
    public String write(TacticRule rule) {
        return TacticRuleFormat.encode(rule).toString();
    }

    @Override
    public TacticRule read(String text) {
        return TacticRuleFormat.decode(Fields.read(text));
    }
}
