using System.Text.Json.Serialization;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Suggesting;

namespace BoldLadder.Server.Ladders;

/// <summary>What a lead asks of an order, as it is sent; see <see cref="OrderWish"/>.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(Before), "before")]
[JsonDerivedType(typeof(Apart), "apart")]
[JsonDerivedType(typeof(Pinned), "pinned")]
[JsonDerivedType(typeof(Section), "section")]
[JsonDerivedType(typeof(Weekly), "weekly")]
public abstract record WishDocument
{
    private const int MostWishes = 60;

    public sealed record Before(string First, string Then) : WishDocument;

    /// <param name="Rungs">At least so many rungs from one to the other, 2 to 200.</param>
    public sealed record Apart(string One, string Other, int Rungs) : WishDocument;

    public sealed record Pinned(string RungId) : WishDocument;

    public sealed record Section(string SectionId) : WishDocument;

    /// <param name="Most">New correspondences a week, 1 to 20.</param>
    public sealed record Weekly(int Most) : WishDocument;

    /// <summary>All of them as the core has them; or null, with the problem.</summary>
    public static IReadOnlyList<OrderWish>? ToCore(IReadOnlyList<WishDocument>? wishes, Ladder ladder, out LadderProblem problem)
    {
        problem = default;
        if (wishes is null || wishes.Count > MostWishes || wishes.Any(x => x is null))
        {
            problem = new LadderProblem("wishes", $"Send a list of what is asked of the order, at most {MostWishes}; an empty one for nothing.");
            return null;
        }

        var asked = new List<OrderWish>();
        foreach (var wish in wishes)
        {
            if (wish.Read(ladder, out problem) is not { } read)
            {
                return null;
            }

            asked.Add(read);
        }

        return asked;
    }

    public static WishDocument Of(OrderWish wish) => wish switch
    {
        WishBefore x => new Before(x.First, x.Then),
        WishApart x => new Apart(x.One, x.Other, x.Rungs),
        WishPinned x => new Pinned(x.RungId),
        WishSection x => new Section(x.SectionId),
        WishWeekly x => new Weekly(x.Most),
        _ => throw new InvalidDataException($"a wish of kind {wish.GetType().Name} is not sent"),
    };

    private OrderWish? Read(Ladder ladder, out LadderProblem problem)
    {
        bool Has(string? rung) => rung is not null && ladder.PlaceOf(rung) >= 0;
        problem = this switch
        {
            Before x when !Has(x.First) || !Has(x.Then) || x.First == x.Then => new LadderProblem("wishes", "Name two different rungs that stand on the ladder: which comes first, and which then."),
            Apart x when !Has(x.One) || !Has(x.Other) || x.One == x.Other => new LadderProblem("wishes", "Name two different rungs that stand on the ladder to keep apart."),
            Apart { Rungs: < WishApart.Nearest or > WishApart.Farthest } => new LadderProblem("wishes", $"Two rungs are kept apart by {WishApart.Nearest} to {WishApart.Farthest} rungs."),
            Pinned x when !Has(x.RungId) => new LadderProblem("wishes", "The rung that should stay is not on the ladder any more."),
            Section x when ladder.Sections.All(s => s.Id != x.SectionId) => new LadderProblem("wishes", "That section is not on the ladder any more."),
            Weekly { Most: < 1 or > WishWeekly.MostAWeek } => new LadderProblem("wishes", $"A week brings at most 1 to {WishWeekly.MostAWeek} new spellings."),
            _ => default,
        };
        return problem.Field is not null ? null : this switch
        {
            Before x => new WishBefore(x.First, x.Then),
            Apart x => new WishApart(x.One, x.Other, x.Rungs),
            Pinned x => new WishPinned(x.RungId),
            Section x => new WishSection(x.SectionId),
            Weekly x => new WishWeekly(x.Most),
            _ => throw new InvalidDataException("a wish of an unknown kind was read"),
        };
    }
}
