@php
    use Evrent\Core\Shot\LensShown;
    use Evrent\Core\Words\PlainText;
    $least = $page->plan->thresholds->parallaxShare;
    $far = fn (float $metres): string => $settings->units->distanceText($metres, 1);
    $optics = $page->plan->optics;
@endphp
<div id="lenses-shown">
    @if ($lenses->shown === [])<p class="nothing">Describe the picture, and have the rig move: then what the move shows through each lens of the
        <a href="{{ route('kit.index') }}">kit</a> stands here side by side.</p>@else
    <p class="lenses-say">How far each goes across the frame over the whole move, in frame widths, when it is in the middle half-way.</p>
    <div class="scrolls" tabindex="0" role="group" aria-label="Table of lenses"><table class="table lenses">
        <thead><tr><th scope="col">Lens</th><th scope="col">near, {{ $far($optics->foregroundMetres) }}</th><th scope="col">subject, {{
            $far($optics->subjectMetres) }}</th><th scope="col">far, {{ $far($optics->backgroundMetres) }}</th><th scope="col">near over far</th><th
            scope="col"><span class="sr-only">Choose</span></th></tr></thead>
        <tbody>@foreach ($lenses->shown as $lens)<tr @if ($lens->isChosen) aria-current="true" @endif>
            <th scope="row">{{ PlainText::number($lens->focalMillimetres) }} mm</th>
            @foreach ([$lens->near, $lens->subject, $lens->far, $lens->parallax()] as $share)<td>@if ($share !== null)<b>{{ PlainText::rounded($share, 2)
                }}</b><i class="lens-bar" style="--share: {{ min(1, $share) }}"></i>@endif <small class="quiet">{{ LensShown::says($share, $least)
                }}</small></td>@endforeach
            <td>@if ($lens->isChosen)in this shot @else @foreach ($lenses->with($lens) as [$id, $name])
                <x-act :action="$page->shot->at('shots.kit')" :fields="['item' => $id]"
                :live="$page->revision->id" class="is-quiet">Use {{ $name }}</x-act>@endforeach @endif</td></tr>@endforeach</tbody>
    </table></div>@endif
</div>
