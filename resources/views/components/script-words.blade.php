{{-- The words that the scripts of this page put on it, by part, in its language. --}}
@props(['parts'])
@php $words = collect(['axes' => Lang::get('axes'), ...Lang::get('scripts')])->only($parts); @endphp
<script id="script-words" type="application/json">{!! $words->toJson(JSON_HEX_TAG | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES) !!}</script>
