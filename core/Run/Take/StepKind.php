<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Take;

enum StepKind
{
    /** Set something that contradicts the plan. */
    case SetIt;
    /** Home the rig: it does not know where it stands. */
    case Home;
    /** Go to the place of a photo, and stand. */
    case Move;
    /** The run's time begins. */
    case Start;
    case Trigger;
    case Wait;
    /** Find out whether a photo that was about to be taken was. */
    case Reconcile;
    /** Leave out what is past. */
    case Skip;
    case End;
    /** It has ended. */
    case Nothing;
}
