namespace Kamuri.Core.Running;

/// <summary>What is said about the run.</summary>
[Texts("the run")]
internal static class RunWords
{
    // BetterOrder
    public const string AsLastTime = "As last time.";

    public static string BeMinutesLessLate(string minutes) => $"be {minutes} less late";

    public static string LeaveProductsOnMinutesLessBeyond(string minutes) => $"leave products on {minutes} less beyond their limit";

    public static string EndMinutesSoonerAtTime(string minutes, string time) => $"end {minutes} sooner, at {time}";

    public static string NamedNext(string named) => $"{named} next";

    public static string NamedBeforeNamed2(string named, string named2) => $"{named} before {named2}";

    // SessionAbsences
    public static string TheThingIsInUseUntil(string thing, string time) => $"The {thing} is in use until {time}.";

    public static string TheThingIsNeededUntilUntil(string thing, string from, string until) =>
        $"The {thing} is needed until {until} but in use by others from {from}.";

    // SessionCommands
    public const string ThisSessionIsFinishedAndCannot = "This session is finished and cannot be changed.";
    public const string ThisSessionHasAlreadyBegun = "This session has already begun.";
    public const string ThisSessionHasNotBegunYet = "This session has not begun yet.";
    public const string NotAwayThatLong = "That is longer than since the last press.";

    public static string NobodyIsOn(string title) => $"Nobody is on {title} just now.";

    public const string ThatTimeIsInTheFuture = "That time is in the future. Check the clock of this device.";
    public const string ThatTimeIsBeforeTheSession = "That time is before the session began.";
    public const string ItIsPausedAlready = "It is paused already.";
    public const string ItIsNotPaused = "It is not paused.";
    public const string WriteSomethingInTheNote = "Write something in the note.";
    public const string ThereIsNothingLikeThatTo = "There is nothing like that to undo in this session.";

    public static string ThisSessionHasNoHeadHead(string head) => $"This session has no head '{head}'.";

    public const string KamuriDoesNotKnowThisKind = "Kamuri does not know this kind of event.";

    public static string ThisSessionHasNoTaskTask(string task) => $"This session has no task '{task}'.";

    public static string FindTaskIsOverAlready(string findTask) => $"{findTask} is over already.";

    public static string FindTaskHasBegunAlready(string findTask) => $"{findTask} has begun already.";

    public static string OpenComesFirstFinishOrSkip(string open) => $"{open} comes first. Finish or skip it.";

    public static string TaskIsNotDoneInSections(string task) => $"{task} is not done in sections.";

    public static string TaskHasSections1ToSections(string task, string sections) => $"{task} has sections 1 to {sections}.";

    public static string TaskIsOverAlready(string task) => $"{task} is over already.";

    public static string TaskHasNotBegunYet(string task) => $"{task} has not begun yet.";

    public static string SectionSectionIsAlreadyTicked(string section) => $"Section {section} is already ticked.";

    public static string ANoteHoldsAtMostLongestNote(string LongestNote) => $"A note holds at most {LongestNote} characters.";

    public static string RatingsGoFromLeastToMost(string least, string most) => $"Ratings go from {least} to {most}.";

    // SessionFold
    public const string WetItThroughAgain = "Wet it through again";

    // SessionPlan
    public static string WayOfUse(string way, string use) => $"{way} of {use}";

    // TakenReading
    public const string NoLongerWarmStandItIn = "no longer warm: stand it in hot water, or use it cool";

    public static string ReadyToUseAndWarmFor(string WarmFor) => $"ready to use, and warm for {WarmFor} min more";

    public static string ComfortableInComfortableInMinAndWarm(string ComfortableIn, string WarmFor) =>
        $"comfortable in {ComfortableIn} min, and warm for {WarmFor} min from then";

    public static string ATemperatureIsBetweenColdestAnd(string Coldest, string Hottest) =>
        $"A temperature is between {Coldest} and {Hottest}.";

    public static string AWeightIsBetween0And(string Heaviest) => $"A weight is between 0 and {Heaviest} g.";

    public static string SaidCIsTooHotFor(string said) => $"{said} is too hot for skin. Let it cool, or add cool water.";

    public static string SaidCIsTooWarmFor(string said) =>
        $"{said} is too warm for a mixture and the most for water. Wait a little and test it on your wrist.";

    public static string SaidCIsRightForSkin(string said) => $"{said} is right for skin.";

    public static string SaidCIsCoolGoodFor(string said) => $"{said} is cool: good for the last rinse, too cool for the first.";

    public static string SaidGValueOfThePlanned(string said, string planned, string Value) =>
        $"{said} g: {Value}\u00a0% of the planned {planned}.";

    public static string SaidG(string said) => $"{said} g.";

    public static string AnotherOrder(string gain, string other) => $"A different order would {gain}: {other}.";

    public static string OtherHands(string gain) => $"The same order, shared between hands differently, would {gain}.";

    public static string OtherBreaks(string gain) => $"The same order with breaks at other times would {gain}.";

    public static string ButEndsLater(string order, string minutes) => $"{order} It ends {minutes} later.";

    public static string Title(string title) => $"“{title}”";

    public static string TitleOn(string title, string head) => $"“{title}” on {head}";

    public static string YouAreAwayUntil(string time) => $"You are away until {time}.";

    public static string NameIsAwayUntil(string name, string time) => $"{name} is away until {time}.";

    public static string YouAreNeeded(string from, string until) => $"You are away from {from} but needed until {until}.";

    public static string NameIsNeeded(string name, string from, string until) => $"{name} is away from {from} but needed until {until}.";

    public static string HeadIsNeeded(string name, string from, string until) =>
        $"{name} has to leave at {from}, and the work takes until {until}.";

    public static string NamedHandsAreOn(string name, string title) => $"{name} is still on “{title}”. Finish or skip it first.";

    public static string HandsAreOn(string title) => $"Your hands are still on “{title}”. Finish or skip it first.";

    public static string Pace(string soFar, string planned) => $"{soFar} min a section so far, {planned} planned.";

    public static string MoreTimeIs(string most) => $"Add 1 to {most} minutes.";

    // Silence
    public static string AwayFromSection(string minutes, string section) => $"{minutes} on section {section}. Were you away?";

    public static string AwayFromTask(string minutes, string title) => $"{minutes} on “{title}”. Were you away?";
}
