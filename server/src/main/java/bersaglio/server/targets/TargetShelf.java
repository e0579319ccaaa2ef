package bersaglio.server.targets;

import bersaglio.core.target.TargetSet;
import bersaglio.server.storage.Shelf;
import bersaglio.wire.Fields;
import bersaglio.wire.format.TargetSetFormat;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The club's targets. */
@Configuration
class TargetShelf implements Shelf.Form<TargetSet> {

    @Bean
    Shelf<TargetSet> targets(Shelf.Shelves shelves) {
        return shelves.of(this);
    }

    @Override
    public String kind() {
        return "target";
    }

    @Override
    public String id(TargetSet set) {
        return set.id();
    }

    @Override
    public int version(TargetSet set) {
        return set.version();
    }

    @Override
    public String name(TargetSet set) {
        return set.name();
    }

    @Override
    public TargetSet as(int version, TargetSet set) {
        return set.as(set.id(), version);
    }

    @Override
    public String write(TargetSet set) {
        return TargetSetFormat.encode(set).toString();
    }

    @Override
    public TargetSet read(String text) {
        return TargetSetFormat.decode(Fields.read(text));
    }
}
