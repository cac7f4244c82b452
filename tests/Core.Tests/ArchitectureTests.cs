using System.Text.RegularExpressions;
using ArchUnitNET.Domain;
using ArchUnitNET.Loader;
using ArchUnitNET.xUnitV3;
using BoldLadder.Core.Words;
using static ArchUnitNET.Fluent.ArchRuleDefinition;

namespace BoldLadder.Core.Tests;

public partial class ArchitectureTests
{
    /// <summary>The folders of the core, in the order in which data flows.</summary>
    private static readonly string[] Order = ["Sounds", "Words", "Ladders", "Calendar", "Importing", "Conventions", "Reading", "Choosing", "Notes", "Mapping", "Suggesting", "Log", "Lessons", "Year"];

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

    // The bars of the ladder stood beside their figures for a while: two pages called something by one name.
    [Fact]
    public void What_a_page_calls_by_a_name_is_styled_in_one_place() => Assert.Empty(
        Directory.GetFiles(Path.Combine(World.Root, "web", "src", "styles"), "_*.scss")
            .SelectMany(file => NamedAlone().Matches(File.ReadAllText(file)).Select(x => x.Groups["name"].Value).Distinct().Select(name => (name, file: Path.GetFileName(file))))
            .GroupBy(x => x.name).Where(x => x.Count() > 1).Select(x => $"{x.Key}: {string.Join(", ", x.Select(y => y.file))}"));

    // A rule for one name; where several are given one look, each still has its own place.
    [GeneratedRegex(@"(?<!,\n)^\.(?<name>[a-z0-9-]+) \{", RegexOptions.Multiline)]
    private static partial Regex NamedAlone();

    // Two hundred patterns written out as code were twelve million characters: half of what a build took, and no import was faster for it.
    [Fact]
    public void What_sheets_are_read_with_is_no_code_made_from_patterns() => Assert.DoesNotContain(
        Directory.GetFiles(Path.Combine(World.Root, "src", "BoldLadder.Core", "Importing"), "*.cs"), x => File.ReadAllText(x).Contains("GeneratedRegex", StringComparison.Ordinal));

    [Fact]
    public void No_rule_of_the_core_reads_a_clock()
    {
        foreach (var file in Directory.GetFiles(Path.Combine(World.Root, "src", "BoldLadder.Core"), "*.cs", SearchOption.AllDirectories).Where(x => !x.Contains("/obj/")))
        {
            Assert.DoesNotMatch(@"DateTime\.(Now|UtcNow)|Random\.Shared|new Random\(|File\.(Read|Write|Open)", File.ReadAllText(file));
        }
    }
}
