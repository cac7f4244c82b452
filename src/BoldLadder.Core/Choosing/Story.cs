namespace BoldLadder.Core.Choosing;

/// <summary>A small happening, written by a person and read by another: sentences that belong together.</summary>
/// <param name="Title">Read by the adult where the class cannot.</param>
/// <param name="Text">Its sentences in one line.</param>
/// <param name="Find">A question that the text answers; asked by the adult.</param>
/// <param name="Talk">One to talk about.</param>
public sealed record Story(string Title, Sentence Text, string Find, string Talk);

/// <summary>A story with what makes it fit today.</summary>
/// <param name="Targets">Words in it that hold what is taught, each occurrence counted.</param>
/// <param name="Late">Words in it that hold what was taught lately.</param>
/// <param name="Large">Words in it that are larger than what is chosen by now.</param>
public readonly record struct GradedStory(Story Story, int Targets, int Late, int Large = 0);
