namespace Kamuri.Core.Routines;

/// <summary>What is wrong with a routine that is read.</summary>
[Texts("routine files")]
internal static class RoutineWords
{
    public static string NobodyKnowsWhether(string clause) => $"Kamuri does not know whether “{clause}” is true.";

    public static string CannotBe(string what, string value) => $"{what} cannot be “{value}”.";

    public static string TakesTooMany(string most) => $"It takes more than {most} steps, with every part written out.";

    public static string TooLong(string length, string most) => $"It is too long: {length}, and {most} at most.";

    public static string IsNoYaml(string why) => $"This is not YAML: {why}";

    public const string IsNestedTooDeeply = "Its lists are nested too deeply.";
    public const string HasNoAliases = "A routine has no aliases. Write the steps out, or make a part of them.";
    public const string IsNoRoutine = "This file holds no routine.";

    public static string IsOfAnotherVersion(string version, string newest) =>
        $"It was written for version {version}. Kamuri reads 1 to {newest}.";

    public static string IsMissing(string key) => $"“{key}” is missing.";

    public static string IsNoList(string key) => $"“{key}” must be a list.";

    public static string IsNoEntry(string text) => $"“{text}” is no step. Write “do:”, “then:”, “one of:” or “leave out:”.";

    public static string NoSuchStep(string kind) => $"There is no step called “{kind}”.";

    public static string NoSuchPart(string part) => $"There is no part called “{part}”, or it takes itself.";

    public static string IsFromTo(string key, string least, string most) => $"“{key}” is a number from {least} to {most}.";

    public const string Dry = "dry";
    public const string Damp = "damp";
    public const string WashedAndSoaking = "just washed and soaking";
    public const string InTwists = "in twists";

    public static string WithItOn(string what) => $"with {what} on it";

    public const string AsInTheRoutine = "As in your routine.";
    public const string HairComesInTwists = "The hair comes in twists.";
    public const string ItIsOnAlready = "It is on already.";
    public const string WhatWasOnComesOff = "What is on the hair comes off first.";

    public static string NobodyKnows(string key) => $"Kamuri does not know “{key}”.";
}
