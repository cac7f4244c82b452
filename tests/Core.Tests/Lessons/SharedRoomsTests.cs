using BoldLadder.Core.Conventions;

namespace BoldLadder.Core.Tests.Lessons;

/// <summary>Two groups share a room, each says the other, and nobody is left with a mate who has gone.</summary>
public class SharedRoomsTests
{
    [Fact]
    public void After_any_number_of_changes_every_mate_says_the_other_back()
    {
        var groups = Enumerable.Range(0, 6).Select(_ => Guid.NewGuid()).ToArray();
        var rooms = groups.ToDictionary(x => x, _ => (Guid?)null);
        var dice = new Random(7);
        for (var i = 0; i < 400; i++)
        {
            var (group, with) = (groups[dice.Next(6)], groups[dice.Next(6)]);
            Guid? mate = group == with ? null : with;
            var changes = SharedRooms.Changes(rooms.Select(x => (x.Key, x.Value)), group, mate);
            Assert.All(changes, x => Assert.NotEqual(rooms[x.Key], x.Value));
            foreach (var (id, now) in changes)
            {
                rooms[id] = now;
            }

            Assert.Equal(mate, rooms[group]);
            Assert.All(rooms, x => Assert.True(x.Value is null || rooms[x.Value.Value] == x.Key, "a mate that does not say the other back"));
        }
    }

    [Fact]
    public void Nothing_changes_when_they_share_already_and_who_shares_with_neither_is_left_alone()
    {
        var (a, b, c, d) = (Guid.NewGuid(), Guid.NewGuid(), Guid.NewGuid(), Guid.NewGuid());
        (Guid, Guid?)[] now = [(a, b), (b, a), (c, d), (d, c)];
        Assert.Empty(SharedRooms.Changes(now, a, b));
        Assert.Equal([b, a], SharedRooms.Changes(now, a, null).Keys.OrderBy(x => x == a));
    }
}
