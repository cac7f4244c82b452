using ArchUnitNET.Domain;
using ArchUnitNET.Loader;
using ArchUnitNET.xUnitV3;
using BoldLadder.Core.Words;
using static ArchUnitNET.Fluent.ArchRuleDefinition;

namespace BoldLadder.Core.Tests;

public class ArchitectureTests
{
    /// <summary>The folders of the core, in the order in which data flows.</summary>
    private static readonly string[] Order = ["Sounds", "Words", "Ladders", "Importing", "Calendar", "Conventions", "Reading", "Choosing", "Notes", "Mapping", "Suggesting", "Log", "Lessons", "Year"];

    private static readonly Architecture Core = new ArchLoader().LoadAssemblies(typeof(Lexicon).Assembly).Build();

    [Fact]
    public void Each_folder_of_the_core_uses_only_those_before_it()
    {
        for (var i = 0; i < Order.Length; i++)
        {
            var later = Order.Skip(i + 1).Select(x => $"BoldLadder.Core.{x}").ToHashSet();
            foreach (var name in later)
            {
                Types().That().ResideInNamespace($"BoldLadder.Core.{Order[i]}").Should()
                    .NotDependOnAny(Types().That().ResideInNamespace(name)).Check(Core);
            }
        }
    }

    [Fact]
    public void Every_folder_of_the_core_has_its_place_in_the_order() => Assert.Equal(
        Order.Order(),
        Directory.GetDirectories(Path.Combine(World.Root, "src", "BoldLadder.Core")).Select(Path.GetFileName).Where(x => x is not ("bin" or "obj")).Order());

    [Fact]
    public void The_core_references_nothing_but_the_base_library() => Assert.All(
        typeof(Lexicon).Assembly.GetReferencedAssemblies(),
        x => Assert.True(x.Name!.StartsWith("System.", StringComparison.Ordinal), $"{x.Name} is not of the base library"));

    [Theory]
    [InlineData("System.Net.Http")]
    [InlineData("System.Data.Common")]
    [InlineData("System.Text.Json")]
    [InlineData("System.IO.FileSystem")]
    public void The_core_reaches_for_no_file_no_net_and_no_database(string assembly) =>
        Assert.DoesNotContain(typeof(Lexicon).Assembly.GetReferencedAssemblies(), x => x.Name == assembly);

    [Fact]
    public void No_rule_of_the_core_reads_a_clock()
    {
        foreach (var file in Directory.GetFiles(Path.Combine(World.Root, "src", "BoldLadder.Core"), "*.cs", SearchOption.AllDirectories).Where(x => !x.Contains("/obj/")))
        {
            Assert.DoesNotMatch(@"DateTime\.(Now|UtcNow)|Random\.Shared|new Random\(|File\.(Read|Write|Open)", File.ReadAllText(file));
        }
    }
}
