{{-- Places found by name: one press fills the fields, and nothing is kept before they are saved. --}}
@foreach ($places as $place)<button type="button" class="button is-quiet" data-place data-name="{{ $place['name'] }}" data-latitude="{{ $place['latitude'] }}"
    data-longitude="{{ $place['longitude'] }}" data-zone="{{ $place['zone'] }}"><b>{{ $place['name'] }}</b>&nbsp;{{ $place['country'] }}
    <span class="quiet">&nbsp;{{ $place['latitude'] }}°, {{ $place['longitude'] }}°</span></button>
@endforeach
@if ($places === [] && mb_strlen($asked) > 1)<p class="quiet">{{ __('shoots.places.none') }}</p>@endif
