@php
    use Evrent\Core\Motion\Move;
    use Evrent\Core\Motion\AxisRole;
    use App\Pages\NumberField;
    use Evrent\Core\Words\PlainText;
        $plan = $page->plan;
    $last = array_key_last($plan->move->keyframes);
    [$trash, $plus] = [file_get_contents(resource_path('icons/trash-2.svg')), file_get_contents(resource_path('icons/plus.svg'))];
    [$marked, $unmarked] = [file_get_contents(resource_path('icons/star-filled.svg')), file_get_contents(resource_path('icons/star.svg'))];
@endphp
<section class="panel" aria-labelledby="keyframes-title">
    <header class="panel-head"><h2 id="keyframes-title">Keyframes</h2>
        <span class="tools">
            <x-edit :page="$page" edit="swap" icon="arrow-left-right" class="is-quiet" id="swap">Swap direction</x-edit>
            <x-edit :page="$page" edit="fit" icon="fold-horizontal" class="is-quiet" id="fit">Fit to the travel</x-edit>
        </span></header>
    <x-presses :page="$page" id="keyframe-out" edit="keyframe-out" /><x-presses :page="$page" id="keyframe-after" edit="keyframe-after" />
    <x-presses :page="$page" id="matters-most" edit="matters-most" />
    <div class="scrolls">
    <table class="table keyframes">
        <thead>
            <tr>
                <th scope="col">Axis</th>
                @foreach ($plan->move->keyframes as $k => $keyframe)
                    <th scope="col"><span class="peg">{{ Move::peg($k) }}</span>
                        @if ($k === 0)<small>first photo</small>@elseif ($k === $last)<small>last photo</small>@else
                        {!! NumberField::press('keyframe-out', $k, "take-out-{$k}", $trash, 'Take ' . Move::peg($k) . ' out') !!}@endif</th>
                @endforeach
                <th scope="col">Travel</th><th scope="col"><span class="sr-only">Flip</span></th>
            </tr>
        </thead>
        <tbody>
            @if ($last > 1)
                <tr>
                    <th scope="row">when</th>
                    @foreach ($plan->move->keyframes as $k => $keyframe)
                        <td>@if ($k > 0 && $k < $last){!! NumberField::html('/move/keyframes/' . $k . '/at',
                            'Share of the photos at ' . Move::peg($k), $texts['/move/keyframes/' . $k . '/at'], '%', 6,
                            ($errors->first('plan' . str_replace('/', '.', '/move/keyframes/' . $k . '/at')) ?: null)) !!}@endif</td>
                    @endforeach
                    <td></td><td></td>
                </tr>
                <tr>
                    <th scope="row">there</th>
                    @foreach ($plan->move->keyframes as $k => $keyframe)
                        <td>@if ($k > 0 && $k < $last)
                            <x-choice :pointer="'/move/keyframes/' . $k . '/pass'" :label="Move::peg($k) . ': stop or pass'"
                                :shown-label="false" :value="$texts['/move/keyframes/' . $k . '/pass']" :options="['0' => 'stop', '1' => 'pass']" />
                            {!! NumberField::html('/move/keyframes/' . $k . '/hold_photos', 'Photos held at ' . Move::peg($k),
                                $texts['/move/keyframes/' . $k . '/hold_photos'], 'held', 3,
                                ($errors->first('plan' . str_replace('/', '.', '/move/keyframes/' . $k . '/hold_photos')) ?: null)) !!}
                        @endif</td>
                    @endforeach
                    <td></td><td></td>
                </tr>
            @endif
            @foreach ($plan->rig->axes as $a => $axis)
                <tr>
                    <th scope="row"><i class="axis-line" data-axis="{{ $a % 3 }}"></i>{{ $axis->id }}</th>
                    @foreach ($plan->move->keyframes as $k => $keyframe)
                        <td>{!! NumberField::html('/move/keyframes/' . $k . '/' . $axis->id, ucfirst($axis->id) . ' at ' . Move::peg($k),
                            $texts['/move/keyframes/' . $k . '/' . $axis->id], $axis->kind->unit(), 6,
                            ($errors->first('plan' . str_replace('/', '.',
                            '/move/keyframes/' . $k . '/' . $axis->id)) ?: null)
                            ?? ($axis->holds($keyframe->positions[$axis->id]) ? null : $axis->travelProblem())) !!}</td>
                    @endforeach
                    <td class="quiet">{{ PlainText::rounded($axis->min) }} to {{ PlainText::rounded($axis->max) }} {{ $axis->kind->unit() }}</td>
                    <td><x-edit :page="$page" edit="flip" :with="['axis' => $axis->id]" icon="flip-horizontal-2" class="is-quiet"
                        :id="'flip-' . $axis->id"><span class="sr-only">Flip {{ $axis->id }}</span></x-edit></td>
                </tr>
            @endforeach
            <tr class="takes">
                <th scope="row">subject</th>
                @foreach ($plan->move->keyframes as $k => $keyframe)
                    <td>@foreach (['subject_width' => 'wide', 'subject_height' => 'high'] as $field => $across){!! NumberField::html(
                        '/move/keyframes/' . $k . '/' . $field, 'Share of the photo that the subject is ' . $across . ' at ' . Move::peg($k),
                        $texts['/move/keyframes/' . $k . '/' . $field] ?? '', '% ' . $across, 3,
                        ($errors->first('plan' . str_replace('/', '.', '/move/keyframes/' . $k . '/' . $field)) ?: null)) !!} @endforeach</td>
                @endforeach
                <td class="quiet">of the photo</td><td></td>
            </tr>
            <tr>
                <th scope="row">matters most</th>
                @foreach ($plan->move->keyframes as $k => $keyframe)
                    <td>{!! NumberField::press('matters-most', $k, "matters-{$k}", $keyframe->mattersMost ? $marked : $unmarked,
                        Move::peg($k) . ($keyframe->mattersMost ? ' matters most: take the mark off' : ': mark it as what matters most')) !!}</td>
                @endforeach
                <td></td><td></td>
            </tr>
        </tbody>
    </table>
    </div>
    <p class="add-keyframe">
        @foreach ($plan->move->keyframes as $k => $keyframe)
            @if ($k < $last){!! NumberField::press('keyframe-after', $k, "add-after-{$k}", $plus,
                $last === 1 ? 'Add a keyframe between' : 'Add between ' . Move::peg($k) . ' and ' . Move::peg($k + 1), true) !!}@endif
        @endforeach
    </p>
    <details class="more" id="whole-move">
        <summary>Change the move as a whole</summary>
        <div class="whole-move">
            <form method="post" action="{{ $page->shot->at('shots.edits.store') }}" data-live>@csrf
                <input type="hidden" name="edit" value="scale"><input class="live-revision" type="hidden" name="revision" value="{{ $page->revision->id }}">
                <x-given name="factor" label="Scale about its middle" :width="6" mode="text" /><button class="button">Scale</button></form>
            <form method="post" action="{{ $page->shot->at('shots.edits.store') }}" data-live>@csrf
                <input type="hidden" name="edit" value="nudge"><input class="live-revision" type="hidden" name="revision" value="{{ $page->revision->id }}">
                <x-given name="axis" label="Nudge all keyframes of" :options="array_combine($plan->rig->axisIds(), $plan->rig->axisIds())" />
                <x-given name="by" label="by, mm or °" /><button class="button">Nudge</button></form>
            @if ($plan->rig->axisFor(AxisRole::Pan) !== null)
            <form method="post" action="{{ $page->shot->at('shots.edits.store') }}" data-live>@csrf
                <input type="hidden" name="edit" value="pan-frames"><input class="live-revision" type="hidden" name="revision"
                    value="{{ $page->revision->id }}">
                <x-given name="widths" label="Pan this far, in frame widths" /><button class="button">Pan</button></form>
            <form class="aim" method="post" action="{{ $page->shot->at('shots.edits.store') }}" data-live>@csrf
                <input type="hidden" name="edit" value="aim"><input class="live-revision" type="hidden" name="revision" value="{{ $page->revision->id }}">
                <x-given name="bearing_a" label="Aim A: bearing" unit="°" /><x-given name="height_a" label="height" unit="°" :width="4" />
                <x-given name="bearing_b" :label="'Aim ' . Move::peg($last) . ': bearing'" unit="°" /><x-given name="height_b" label="height"
                    unit="°" :width="4" />
                <button class="button"><x-icon name="crosshair" /><span class="text">Aim</span></button>
                <small class="quiet">Bearings from true north; pan 0 points to {{ PlainText::rounded($plan->rig->base->zeroBearingDegrees) }}°, as set
                    under Sky.</small></form>
            @endif
        </div>
    </details>
</section>
