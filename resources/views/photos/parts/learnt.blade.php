{{-- What the photos showed of the body, offered to its kit entry; how it came out, and the recipe that is made or amended of it. --}}
@php
    $learnt = $page->learnt();
    $said = fn (string $field) => $errors->first("verdict.{$field}");
@endphp
@if ($learnt->values !== [] && $learnt->body !== null)<form class="panel learnt" method="post" action="{{ $page->reading->at('body') }}">@csrf @method('put')
    <header class="panel-head"><h2>{{ __('photos.learnt.title') }}</h2></header>
    <table class="table"><thead><tr><th scope="col">{{ __('photos.learnt.keep_column') }}</th><th scope="col">{{ __('photos.learnt.measured') }}</th><th
        scope="col">{{ __('photos.learnt.body_has', ['body' => $learnt->body->name]) }}</th></tr></thead>
        <tbody>@foreach ($learnt->rows() as $field => $row)<tr><th scope="row"><label><input type="checkbox" name="fields[]" value="{{ $field }}"
            @checked(!$row['isAbsurd'])> {{ $row['label'] }}</label></th><td>{{ $row['measured'] }}@if ($row['isAbsurd'])<small
            class="late-word"> {{ __('photos.learnt.too_far') }}</small>@endif</td>
            <td>{{ $row['has'] === '' ? '–' : $row['has'] }}</td></tr>@endforeach
        </tbody></table>
    <div class="grid-fields"><x-field id="clock-body" :label="__('photos.learnt.body')" name="body" :options="$page->bodies()"
        :value="(string) $learnt->body->id"
        :problem="$errors->first('card.body') ?: $errors->first('card.fields')" /><button class="button">{{
            __('photos.learnt.save') }}</button></div></form>@endif
<form class="panel learnt" method="post" action="{{ $page->reading->at('verdict') }}">@csrf @method('put')
    <header class="panel-head"><h2 id="verdict-title">{{ __('photos.learnt.rating') }}</h2>@if ($page->reading->take)<span class="quiet">{{
        __('photos.learnt.same') }}</span>@endif</header>
    <div class="grid-fields"><x-field id="verdict-rating" :label="__('photos.learnt.verdict')" name="rating"
        :options="array_map(__(...), App\Models\Take::RATINGS)"
            :value="old('rating') ?? (string) ($page->reading->rating ?? $page->reading->take?->rating)" :problem="$said('rating')" />
        <x-field id="verdict-name" :label="__('photos.learnt.recipe')" name="name" is-text width="24ch" list="recipe-names" :problem="$said('name')" />
        <x-field id="verdict-why" :label="__('photos.learnt.lesson')" name="why" is-text width="36ch" :problem="$said('why')" />
        <button class="button"><x-icon name="bookmark" /><span class="text">{{ __('common.save') }}</span></button>
        <small class="quiet">{{ __('photos.learnt.hint') }}</small></div>
    <datalist id="recipe-names">@foreach ($page->recipes() as $name)<option>{{ $name }}</option>@endforeach</datalist></form>
