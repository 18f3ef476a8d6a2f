<?php

declare(strict_types=1);

namespace Evrent\Core\Editing;

use Evrent\Core\Editing\Edits\AddKeyframe;
use Evrent\Core\Editing\Edits\AddKeyframeAfter;
use Evrent\Core\Editing\Edits\AddTrouble;
use Evrent\Core\Editing\Edits\AimAtTarget;
use Evrent\Core\Editing\Edits\AimEnds;
use Evrent\Core\Editing\Edits\ChangeExposureKeys;
use Evrent\Core\Editing\Edits\ChangeIntervalKeys;
use Evrent\Core\Editing\Edits\ConfirmAssumed;
use Evrent\Core\Editing\Edits\DarkenNight;
use Evrent\Core\Editing\Edits\DescribePart;
use Evrent\Core\Editing\Edits\DescribePicture;
use Evrent\Core\Editing\Edits\DragKeyframe;
use Evrent\Core\Editing\Edits\ExposeBySchool;
use Evrent\Core\Editing\Edits\FaceBearing;
use Evrent\Core\Editing\Edits\FitMove;
use Evrent\Core\Editing\Edits\FlipAxis;
use Evrent\Core\Editing\Edits\ForgetMeteredLight;
use Evrent\Core\Editing\Edits\GiveLegItsEase;
use Evrent\Core\Editing\Edits\HoldAtKeyframe;
use Evrent\Core\Editing\Edits\LeaveKitOut;
use Evrent\Core\Editing\Edits\LeavePartOut;
use Evrent\Core\Editing\Edits\LeavePictureOut;
use Evrent\Core\Editing\Edits\MarkKeyframe;
use Evrent\Core\Editing\Edits\MeterLight;
use Evrent\Core\Editing\Edits\NudgeAxis;
use Evrent\Core\Editing\Edits\OpenForShare;
use Evrent\Core\Editing\Edits\PanByFrames;
use Evrent\Core\Editing\Edits\PassKeyframe;
use Evrent\Core\Editing\Edits\PlanEdit;
use Evrent\Core\Editing\Edits\ScaleMove;
use Evrent\Core\Editing\Edits\SetCompass;
use Evrent\Core\Editing\Edits\SetKeyframeHere;
use Evrent\Core\Editing\Edits\ShootAsFastAsItCan;
use Evrent\Core\Editing\Edits\SmearBy;
use Evrent\Core\Editing\Edits\SwapDirection;
use Evrent\Core\Editing\Edits\TakeKeyframeOut;
use Evrent\Core\Editing\Edits\TakeTroubleOut;
use Evrent\Core\Editing\Edits\TrackTarget;
use Evrent\Core\Editing\Edits\TurnAxis;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Plan\Source;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * What came of one named change to a plan: what the bench's buttons, pegs and keys do.
 */
final readonly class TypedEdit
{
    /** @var list<class-string<PlanEdit>> every edit there is */
    public const EDITS = [
        DragKeyframe::class,
        AddKeyframe::class,
        AddKeyframeAfter::class,
        TakeKeyframeOut::class,
        PassKeyframe::class,
        HoldAtKeyframe::class,
        MarkKeyframe::class,
        SetKeyframeHere::class,
        GiveLegItsEase::class,
        SwapDirection::class,
        TurnAxis::class,
        FlipAxis::class,
        ScaleMove::class,
        NudgeAxis::class,
        FitMove::class,
        PanByFrames::class,
        AimEnds::class,
        SetCompass::class,
        DescribePicture::class,
        LeavePictureOut::class,
        ChangeIntervalKeys::class,
        ShootAsFastAsItCan::class,
        ChangeExposureKeys::class,
        AimAtTarget::class,
        TrackTarget::class,
        OpenForShare::class,
        SmearBy::class,
        ExposeBySchool::class,
        MeterLight::class,
        ForgetMeteredLight::class,
        DarkenNight::class,
        DescribePart::class,
        LeavePartOut::class,
        LeaveKitOut::class,
        AddTrouble::class,
        TakeTroubleOut::class,
        ConfirmAssumed::class,
        FaceBearing::class,
    ];

    /**
     * @param string       $told     what was done, in words for the history
     * @param list<Text|string> $givesWay what had to be changed beside what was asked for, a sentence each
     * @param ?float       $shootingSeconds that the edit asks for; null where it asks for none
     * @param Source       $by       where the values that it changes come from
     * @param bool         $isSourced whether the plan has the sources of its values already
     */
    public function __construct(
        public Plan $plan,
        public Text|string $told,
        public array $givesWay = [],
        public ?float $shootingSeconds = null,
        public Source $by = Source::Typed,
        public bool $isSourced = false,
    ) {
    }

    /**
     * @param array<array-key, mixed> $given text by name, as it was typed
     *
     * @throws InvalidInput with pointers below /edit for what was given, and the plan's own for what it cannot be
     */
    public static function apply(Plan $plan, string $name, array $given): self
    {
        foreach (self::EDITS as $edit) {
            if ($edit::name() === $name) {
                return $edit::made($plan, new GivenWithEdit($given));
            }
        }

        throw new InvalidInput([new Problem('/edit', new Message('editing.no_such'))]);
    }
}
