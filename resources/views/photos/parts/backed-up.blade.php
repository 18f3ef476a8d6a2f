{{-- Whether a copy of the photos was checked; until one was, that is told. --}}
@php $check = $reading->lastCopy(); @endphp
@if ($check?->isGood())<p class="good backed-up"><x-icon name="check" /> {{ __('photos.backed_up.yes', ['folder' => $check->folder,
    'moment' => $settings->moment($check->ended_at)]) }}</p>
@else<p class="short backed-up"><x-icon name="triangle-alert" /> {{ __('photos.backed_up.no') }} <span class="quiet">L6</span>
    <a href="{{ $reading->shot->at('photos.index') }}#copy">{{ __('photos.backed_up.check') }}</a></p>@endif
