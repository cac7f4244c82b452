using System.Text.Json.Nodes;
using BoldLadder.Core.Year;

namespace BoldLadder.Server.Storage;

/// <summary>What is otherwise for one group in the school's year.</summary>
public sealed record PlanDocument(IReadOnlyList<PlanStep> Steps, IReadOnlyList<Milestone> Milestones) : IStored
{
    public static int Version => 1;

    public static void Upgrade(JsonObject old, int version)
    {
        // There is no older version.
    }

    public static PlanDocument Of(GroupPlan plan) => new(plan.Steps, plan.Milestones);

    /// <summary>A stored plan; null is one that says nothing.</summary>
    public static GroupPlan Read(string? stored)
    {
        if (stored is null)
        {
            return GroupPlan.None;
        }

        var (steps, milestones) = StoredJson.Read<PlanDocument>(stored);
        return new GroupPlan(steps, milestones);
    }
}
