package neatcorner.glueup.schedule;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * What is to be scheduled: frames, one maker's hours, and what there is of clamps and places.
 *
 * @param capacity of each resource; none when it is left out
 * @param held     by work that is already going on
 */
public record Floor(List<Chain> chains, WorkCalendar calendar, Map<Resource, Integer> capacity,
        Map<Resource, Integer> held) {

    public Floor {
        chains = List.copyOf(chains);
        capacity = Map.copyOf(capacity);
        held = Map.copyOf(held);
    }

    /** How much of each resource is free at the start, in the order of {@link Resource}. */
    int[] free() {
        Map<Resource, Integer> free = new EnumMap<>(Resource.class);
        for (Resource resource : Resource.values()) {
            free.put(resource, capacity.getOrDefault(resource, 0) - held.getOrDefault(resource, 0));
        }
        return free.values().stream().mapToInt(Integer::intValue).toArray();
    }

    /** Whether a chain, and what it waits for, could be done if nothing else were in the shop. */
    boolean canBeDone(int number) {
        int leader = Lanes.leader(chains, number);
        if (leader >= 0 && !canBeDone(leader)) {
            return false;
        }
        Chain chain = chains.get(number);
        int[] room = new int[Resource.values().length];
        for (Resource resource : Resource.values()) {
            room[resource.ordinal()] = capacity.getOrDefault(resource, 0);
        }
        if (chain.tasks().stream().anyMatch(Task::isHurried)
                && new Lanes(List.of(chain.following(null)), calendar).alone()[0] >= WorkCalendar.NEVER) {
            return false;
        }
        for (Task task : chain.tasks()) {
            for (Map.Entry<Resource, Integer> taken : task.takes().entrySet()) {
                room[taken.getKey().ordinal()] -= taken.getValue();
                if (room[taken.getKey().ordinal()] < 0) {
                    return false;
                }
            }
            task.frees().forEach((resource, count) -> room[resource.ordinal()] += count);
            if (task.hands() > calendar.longest()) {
                return false;
            }
        }
        return true;
    }
}
