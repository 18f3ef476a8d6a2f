@php
    use Evrent\Core\Shot\LensShown;
    use Evrent\Core\Messages\Quantity;
    $least = $page->plan->thresholds->parallaxShare;
    $far = fn (float $metres): string => $settings->units->distanceText($metres, 1);
    $optics = $page->plan->optics;
@endphp
<div id="lenses-shown">
    @if ($lenses->shown === [])<p class="nothing">{{ __('shots.lenses.none') }}
        <a href="{{ route('kit.index') }}">{{ __('common.kit_link') }}</a></p>@else
    <p class="lenses-say">{{ __('shots.lenses.says') }}</p>
    <div class="scrolls" tabindex="0" role="group" aria-label="{{ __('shots.lenses.table') }}"><table class="table lenses">
        <thead><tr><th scope="col">{{ __('shots.lenses.lens') }}</th><th scope="col">{{ __('shots.lenses.near',
            ['foregroundMetres' => $far($optics->foregroundMetres)]) }}</th><th scope="col">{{ __('shots.lenses.subject',
                ['subjectMetres' => $far($optics->subjectMetres)]) }}</th><th scope="col">{{ __('shots.lenses.far',
                    ['backgroundMetres' => $far($optics->backgroundMetres)]) }}</th><th scope="col">{{ __('shots.lenses.ratio') }}</th><th
            scope="col"><span class="sr-only">{{ __('shots.lenses.choose') }}</span></th></tr></thead>
        <tbody>@foreach ($lenses->shown as $lens)<tr @if ($lens->isChosen) aria-current="true" @endif>
            <th scope="row">{{ Quantity::number($lens->focalMillimetres) }} mm</th>
            @foreach ([$lens->near, $lens->subject, $lens->far, $lens->parallax()] as $share)<td>@if ($share !== null)<b>{{ Quantity::rounded($share, 2)
                }}</b><i class="lens-bar" style="--share: {{ min(1, $share) }}"></i>@endif <small class="quiet">{{ LensShown::says($share, $least)
                }}</small></td>@endforeach
            <td>@if ($lens->isChosen){{ __('shots.lenses.in_shot') }} @else @foreach ($lenses->with($lens) as [$id, $name])
                <x-act :action="$page->shot->at('shots.kit')" :fields="['item' => $id]"
                :live="$page->revision->id" class="is-quiet">{{ __('shots.lenses.use',
                    ['name' => $name]) }}</x-act>@endforeach @endif</td></tr>@endforeach</tbody>
    </table></div>@endif
</div>
