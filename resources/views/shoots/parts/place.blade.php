{{-- Where and when: typed, or read from a file. First on the page while it is not known. --}}
@php
    use App\Http\Typed;
    use Evrent\Core\Day\Hazard;
    use Evrent\Core\Sky\Site;
    use Evrent\Core\Messages\Quantity;
    use Evrent\Core\Words\PlainText;
    $placeProblems = collect($errors->getMessages())->filter(fn ($messages, $key) => str_starts_with($key, 'place.'));
    $isTyped = $placeProblems->isNotEmpty() || session('place-read');
    $placeOpen = $page->line === null || $isTyped;
    $kept = fn (string $field, ?string $value) => $isTyped ? Typed::before($field) : (string) $value;
    $hazards = $isTyped ? (array) old('hazards', []) : $shoot->hazards;
    $gaps = $shoot->site()?->skyline->gapsText() ?? '';
    $number = fn (?float $value) => $value === null ? '' : PlainText::number($value);
@endphp
<details class="panel place" id="place" @if ($placeOpen) open @endif>
    <summary class="panel-head"><h2><x-icon name="map-pin" /> {{ __('shoots.place.title') }}</h2><span
        class="quiet">@if ($page->line){{ Quantity::rounded($page->line->site->latitude, 4) }}°, {{ Quantity::rounded($page->line->site->longitude,
        4) }}° · {{ $shoot->zone }}@else {{ __('shoots.place.says') }} @endif</span></summary>
    @if (session('place-read'))<p class="notice" role="status">{{ session('place-read') }}</p>@endif
    <form method="post" action="{{ route('shoots.place', $shoot) }}" enctype="multipart/form-data">
        @csrf @method('put')<x-was :of="$shoot->placeTexts()" /><input type="hidden" name="hazards_told" value="">
        <div class="find-place"><x-field id="f-find-place" :label="__('shoots.place.find')" name="q" value="" width="22ch" is-text autocomplete="off"
            :hx-get="route('places.index')" hx-trigger="input changed delay:200ms" hx-target="#places-found" hx-swap="innerHTML" hx-sync="this:replace" />
            <div id="places-found" role="status"></div></div>
        <div class="grid-fields">
            @foreach ([
                'name' => [__('common.place'), $shoot->place, '28ch', '', 'text'],
                    'date' => [__('common.date'), $shoot->shoot_date?->format('Y-m-d'), '14ch', '', 'date'],
                'latitude' => [__('shoots.place.latitude'), $number($shoot->latitude), '9ch', '°', 'text'],
                'longitude' => [__('shoots.place.longitude'), $number($shoot->longitude), '9ch', '°', 'text'],
                'elevation' => [__('shoots.place.elevation'), $number($shoot->elevation), '5ch', 'm', 'text'],
                    'zone' => [__('shoots.place.zone'), $shoot->zone, '17ch', '', 'text'],
                'sky_glow' => [__('shoots.place.pollution'), $number($shoot->sky_glow), '6ch', 'lux', 'text'],
                'sky_mag' => [__('shoots.place.night_sky'), $number($shoot->sky_mag), '14ch', '', 'text'],
            ] as $field => [$label, $value, $width, $unit, $type])
                <x-field :id="'f-place-' . $field" :label="$label" :name="$field" :type="$type" :width="$width" :unit="$unit"
                    :is-text="in_array($field, ['name', 'zone', 'date', 'sky_mag'], true)"
                    :list="['zone' => 'zones', 'sky_mag' => 'skies'][$field] ?? null"
                    :value="$kept($field, $value)" :problem="$errors->first('place.' . $field)" />
            @endforeach
        </div>
        <div class="grid-fields">
            <x-field id="f-place-horizon" :label="__('shoots.place.horizon')" name="horizon" width="44ch" is-text
                placeholder="80 5, 110 12, SW 3" :value="$kept('horizon', $shoot->horizon)" :problem="$errors->first('place.horizon')" />
            <x-field id="f-place-horizon_variation" :label="__('shoots.place.compass')" name="horizon_variation" width="5ch" unit="°"
                :placeholder="__('shoots.place.none')" :value="$kept('horizon_variation', '')" :problem="$errors->first('place.horizon_variation')" />
        </div>
        @if ($gaps !== '')<p class="quiet" id="horizon-gaps">{{ $gaps }}</p>@endif
        <datalist id="zones">@foreach (DateTimeZone::listIdentifiers() as $zone)<option value="{{ $zone }}">@endforeach</datalist>
        <datalist id="skies">@foreach (Site::SKIES as $word => $magnitude)<option value="{{ $number($magnitude) }}">{{ __("sky.skies.{$word}",
            ['magnitude' => $magnitude]) }}</option>@endforeach</datalist>
        <fieldset class="hazards"><legend>{{ __('shoots.place.hazards') }}</legend>
            @foreach (Hazard::TOLD as $hazard)<label><input type="checkbox" name="hazards[]" value="{{ $hazard->value }}"
                @checked(in_array($hazard->value, $hazards, true))> {{ $hazard->label() }}</label>@endforeach
        </fieldset>
        <div class="form-acts">
            <button class="button is-strong">{{ __('shoots.place.save') }}</button>
            <x-field id="f-place-file" :label="__('shoots.place.or_file')" name="file" type="file" accept=".gpx,.geojson,.json"
                :problem="$errors->first('place.file')" />
            <button class="button"><x-icon name="file-up" /><span class="text">{{ __('common.read_file') }}</span></button>
        </div>
    </form>
</details>
