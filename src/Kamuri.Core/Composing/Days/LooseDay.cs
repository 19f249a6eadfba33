using Kamuri.Core.Heads;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Composing.Days;

/// <summary>A wash day of loose hair, and of hair that has just come down from a style.</summary>
internal static class LooseDay
{
    public static void Compose(DayBuilder day)
    {
        var due = DueToday.For(day);
        Loosen(day, due);
        Clean(day, due);
        Feed(day, due);
        Close(day);
        Layer(day);
        Finish(day);
    }

    private static bool IsRecovery(DayBuilder day) => day.Request.Kind == HairKinds.TakenDown || day.Request.Aim == Aim.Recovery;

    private static void Loosen(DayBuilder day, DueToday due)
    {
        var (request, schools) = (day.Request, day.Schools);
        if (request.TakesDown)
        {
            day.Take(StepIds.TakeStyleDown, DayWords.YouAskedToTakeTheStyleDown);
        }

        day.Take(
            StepIds.Look,
            request.Kind == HairKinds.TakenDown ? DayWords.LookWhereTheStylePulledThen : DayWords.EveryLaterStepIsDoneSection
        );
        if (request.Kind == HairKinds.TakenDown)
        {
            day.Take(StepIds.ClearLint, DayWords.LintAndShedHairAtThe);
        }

        if (schools.Protein == ProteinPlace.PrePoo && WantsProtein(day, due))
        {
            day.Take(StepIds.ProteinPrePoo, DayWords.ProteinOnDryHairBeforeThe);
            day.Take(StepIds.Rinse, DayWords.ProteinMustNotStayOnLonger);
            return;
        }

        if (request.Aim == Aim.ScalpComfort)
        {
            day.Take(StepIds.ScalpMassage, DayWords.LoosensFlakesAndEasesTheScalp);
        }

        switch (request.Aim)
        {
            case Aim.OilFree:
                day.Take(StepIds.HerbJuice, DayWords.TheOilFreeMonthHerbJuice);
                day.Take(StepIds.Rinse, DayWords.RinseTheJuiceOutBeforeThe);
                return;
            case Aim.ScalpComfort when schools.ScalpOil == ScalpOiling.HeavyWashedOut:
                Oil(
                    day,
                    schools.Length == TreatmentLength.Overnight ? StepIds.HeavyOilOvernight : StepIds.HeavyOil,
                    DayWords.HeavyOilAsATreatmentWashed
                );
                return;
            case Aim.ScalpComfort when schools.ScalpOil == ScalpOiling.Penetrating && schools.HotOil == HotOilPlace.Before:
                Oil(day, StepIds.HotOil, DayWords.WarmOilSoftensWhatSitsOn);
                return;
        }

        if (request.Aim is Aim.Moisture or Aim.Strength or Aim.LengthKeeping or Aim.BeforeStyle || IsRecovery(day))
        {
            var overnight = schools.Length == TreatmentLength.Overnight && due.HotOil is null;
            day.Take(
                due.HotOil is not null ? StepIds.HotOil
                    : overnight ? StepIds.PrePooOvernight
                    : StepIds.PrePoo,
                due.HotOil ?? (IsRecovery(day) ? DayWords.AGenerousPrePooSoThat : DayWords.ItProtectsTheHairFromThe)
            );
            if (schools.Detangle == DetangleIn.PrePoo)
            {
                day.Take(StepIds.ToolDetangle, DayWords.CombedInThePrePooAs);
            }
            else
            {
                day.Take(StepIds.FingerDetangle, DayWords.KnotsOpenMostEasilyInThe);
            }

            if (!overnight)
            {
                day.Cover(DayWords.WarmthLetsThePrePooWork);
            }

            day.Take(StepIds.Rinse, DayWords.RinseThePrePooOutBefore);
        }
        else if (request.Aim == Aim.Definition)
        {
            day.Take(StepIds.PlantGel, DayWords.PlantGelDefinesFromInsideThe);
            day.Cover(DayWords.WarmthLetsTheGelWork);
            day.Take(StepIds.Rinse, DayWords.RinseThePlantGelOutBefore);
        }
    }

    private static void Oil(DayBuilder day, string kind, string reason)
    {
        day.Take(kind, reason);
        if (!StepCatalogue.Get(kind).IsOvernight)
        {
            day.Cover(DayWords.WarmthLetsTheOilWork);
        }

        if (kind == StepIds.HotOil)
        {
            day.Take(StepIds.Rinse, DayWords.RinseTheOilOutBeforeThe);
        }
        else if (day.Schools.Lifting == OilLifting.TeaThenTwoPasses)
        {
            day.Take(StepIds.WetThrough, DayWords.OilMustBeWetBeforeIt);
            day.Take(StepIds.TeaRinse, DayWords.TeaFiveMinutesBeforeTheShampoo);
        }
    }

    private static void Clean(DayBuilder day, DueToday due)
    {
        var (request, schools) = (day.Request, day.Schools);
        if (schools.EndsFirst)
        {
            day.Take(StepIds.EndShield, DayWords.ProtectsTheEndsWhileYouCleanse);
        }

        var heavy = day.Steps.Any(step => step.Kind.Puts is { } puts && Substances.Of(puts).IsHeavyOil);
        if (request.Aim == Aim.Reset || due.Clarify is not null || (heavy && schools.Lifting == OilLifting.Clarify))
        {
            day.Take(StepIds.Clarify, due.Clarify ?? (heavy ? DayWords.ClarifyingRemovesHeavyOilInOne : DayWords.AResetRemovesBuildUp));
        }
        else if (schools.ScalpConditioner == ScalpConditioner.CoWash && !heavy)
        {
            day.Take(StepIds.CoWash, DayWords.CleansingConditionerOnTheScalpRinsed);
        }
        else
        {
            day.Take(StepIds.Cleanse, request.Aim == Aim.Quick ? DayWords.OnePassOnTheScalpIs : DayWords.CleansTheScalpAndPreparesThe);
            if (IsRecovery(day) || (heavy && schools.Lifting == OilLifting.TwoPasses))
            {
                day.Take(StepIds.Cleanse, heavy ? DayWords.HeavyOilTakesASecondPass : DayWords.AfterWeeksInAStyleThe);
            }
        }

        day.Take(StepIds.Rinse, DayWords.AllOfTheCleanserMustCome);
        if (request.UsesTea && day.Steps.All(step => step.Kind.Id != StepIds.TeaRinse))
        {
            day.Take(StepIds.TeaRinse, DayWords.LiftsWhatTheCleanseLeftBehind);
        }
    }

    private static void Feed(DayBuilder day, DueToday due)
    {
        var (request, schools) = (day.Request, day.Schools);
        var protein = WantsProtein(day, due);
        if (protein && schools.Protein == ProteinPlace.AfterCleanse)
        {
            day.Take(
                StepIds.Protein,
                due.Protein
                    ?? (
                        request.Stretch == StretchCheck.NeedsProtein
                            ? DayWords.TheWetStrandStretchedFarSo
                            : DayWords.YouAskedForStrengthLightProtein
                    )
            );
            day.Take(StepIds.Rinse, DayWords.ProteinMustNotStayOnLonger);
        }

        // Where a day has no pre-poo to comb in, as in the oil-free month, the conditioner gives the slip instead.
        var comb = schools.Detangle switch
        {
            DetangleIn.Conditioner => day.Steps.All(step => !step.Kind.IsToolDetangle),
            DetangleIn.PrePoo => day.Steps.All(step => !step.Kind.Detangles),
            _ => false,
        };
        if (request.Aim == Aim.Quick)
        {
            day.Take(StepIds.Conditioner, DayWords.AConditionerFollowsEveryCleanse);
            Comb(day, comb, Slip(schools, "Conditioner"));
            return;
        }

        if (schools.HotOil == HotOilPlace.After && request.Aim is Aim.ScalpComfort or Aim.LengthKeeping)
        {
            day.Take(StepIds.HotOilAfter, DayWords.HotOilOnCleanDampHair);
            day.Take(StepIds.Rinse, DayWords.OnlyATraceOfItStays);
        }

        if (schools.ConditionOn == ConditionOn.Dry)
        {
            day.Take(StepIds.Blot, DayWords.TheTreatmentGoesOnHairThat);
        }

        var mixed = protein && schools.Protein == ProteinPlace.InDeepCondition;
        day.Take(
            mixed ? StepIds.ProteinDeepCondition : StepIds.DeepCondition,
            mixed
                ? DayWords.ProteinMixedIntoTheDeepConditioner
                : request.Aim switch
                {
                    Aim.Strength => DayWords.MoistureAfterProtein,
                    _ when due.Clarify is not null || request.Aim == Aim.Reset => DayWords.ClarifyingStripsTheHairALong,
                    Aim.OilFree => DayWords.JuiceAndCleanseLeaveTheHair,
                    _ => DayWords.ThisIsWhereTheMoistureGoes,
                },
            step => schools.ConditionOn == ConditionOn.Dry ? step with { AmountFactor = day.DryHairTakes } : step
        );
        Comb(day, comb, Slip(schools, DayWords.DeepConditioner));
        day.Cover(DayWords.WarmthHelpsTheDeepConditionerWork);
    }

    private static string Slip(Schools schools, string what) =>
        schools.Detangle == DetangleIn.PrePoo ? DayWords.ThereIsNoPrePooTo(what) : DayWords.WhatGivesTheCombItsSlip(what);

    private static void Comb(DayBuilder day, bool comb, string reason)
    {
        if (comb)
        {
            day.Take(StepIds.ToolDetangle, reason);
        }
        else if (day.Schools.Detangle == DetangleIn.FingersOnly && day.Steps.All(step => !step.Kind.Detangles))
        {
            day.Take(StepIds.FingerDetangle, DayWords.FingersOnlyAsYouPreferFor);
        }
    }

    /// <summary>The stretch check decides before the aim does, and says so when it leaves something out.</summary>
    private static bool WantsProtein(DayBuilder day, DueToday due)
    {
        var asked = day.Request.Aim == Aim.Strength || day.Request.Kind == HairKinds.TakenDown && day.Request.Aim == Aim.Recovery;
        switch (day.Request.Stretch)
        {
            case StretchCheck.NeedsMoisture when asked:
                day.Leave(DayWords.LightProtein, DayWords.TheWetStrandSnappedAtOnce2);
                return false;
            case StretchCheck.NeedsProtein when !asked && day.Request.Aim is Aim.Moisture or Aim.LengthKeeping or Aim.Recovery:
                return true;
            default:
                return asked || due.Protein is not null;
        }
    }

    private static void Close(DayBuilder day)
    {
        day.CloseRinse(day.Schools.FinalWater == FinalWater.Cool ? DayWords.RinsesCleanAndLetsTheCuticle : DayWords.LukewarmToTheEndAsYou);
        day.Take(StepIds.Blot, DayWords.LeaveInSpreadsOnDampHair);
    }

    private static void Layer(DayBuilder day)
    {
        var request = day.Request;
        day.Take(StepIds.LeaveIn, DayWords.WaterFirstThenALeaveIn);
        if (day.Schools.Detangle == DetangleIn.LeaveIn)
        {
            day.Take(StepIds.ToolDetangle, DayWords.CombedInTheLeaveInAs);
        }

        if (request.Style == EndStyle.WashAndGo || request.Aim == Aim.Definition)
        {
            day.Take(StepIds.Gel, DayWords.HoldsTheCurlsAsTheyFall);
            return;
        }

        if (request.Aim == Aim.OilFree)
        {
            day.Take(StepIds.Cream, DayWords.ACreamSealsWithoutOil);
            day.Leave("Oil", DayWords.ThisIsTheOilFreeMonth);
            return;
        }

        if (request.Aim is Aim.Quick or Aim.Reset || request.LayeringInUse == Layering.LoLight)
        {
            day.Take(StepIds.Oil, DayWords.ALightSealNothingHeavyToday);
            return;
        }

        if (request.LayeringInUse == Layering.Lco)
        {
            day.Take(StepIds.Cream, DayWords.LCOCreamOverTheLeaveIn);
            day.Take(StepIds.Oil, DayWords.LCOTheOilSealsLast);
        }
        else
        {
            day.Take(StepIds.Oil, DayWords.LOCOilOverTheLeaveIn);
            day.Take(StepIds.Cream, DayWords.LOCCreamSeals);
        }

        if (day.Schools.Butter)
        {
            day.Take(StepIds.Butter, DayWords.ButterLastItHoldsLongBut);
        }
    }

    private static void Finish(DayBuilder day)
    {
        switch (day.Request.Style)
        {
            case EndStyle.Twists:
                day.Take(StepIds.Twists, DayWords.YouAskedForTwistsTheyAre);
                day.Dry(0.8, DayWords.ReadyMeansDryToTheTouch);
                break;
            case EndStyle.TwistOut:
                day.Take(StepIds.Twists, DayWords.ThePatternSetsWhileTheHair);
                day.Dry(0.95, DayWords.TwistsTakenDownDampLoseTheir);
                day.Take(StepIds.TakeTwistsDown, DayWords.YouAskedForATwistOut);
                break;
            case EndStyle.SingleTwists:
                day.Take(StepIds.SingleTwists, DayWords.YouAskedForSingleTwists);
                day.Dry(0.95, DayWords.SmallTwistsHoldWater);
                break;
            case EndStyle.Braids:
                day.Take(StepIds.Braids, DayWords.YouAskedForBraids);
                day.Dry(0.95, DayWords.BraidsMustBeDryToThe);
                break;
            case EndStyle.WashAndGo:
                day.Take(StepIds.WashAndGo, DayWords.WornAsItFalls);
                day.Dry(0.8, DayWords.ReadyMeansDryToTheTouch);
                break;
            case EndStyle.Bun:
                day.Dry(0.8, DayWords.ABunHoldsWaterForA);
                day.Take(StepIds.Bun, DayWords.YouAskedForABun);
                break;
            default:
                if (day.Request.Style == EndStyle.Retwist)
                {
                    day.Leave("Retwist", DayWords.ThereAreNoLocsToRetwist2);
                }

                day.Dry(0.8, DayWords.ReadyMeansDryToTheTouch);
                break;
        }

        day.Night();
    }
}
