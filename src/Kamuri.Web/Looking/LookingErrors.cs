namespace Kamuri.Web.Looking;

/// <summary>What is said about errors about water that beads off.</summary>
[Texts("errors about water that beads off")]
internal static class LookingErrors
{
    // LookingEndpoints
    public static string GiveAtMostMostAnswersAnswers(string MostAnswers) => $"Give at most {MostAnswers} answers.";

    public const string ThisHeadDoesNotExist = "This head does not exist.";
}
