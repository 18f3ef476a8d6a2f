@extends('errors.minimal')
@section('title', 'Not from here')
@section('message', 'This did not come from a page of Evrent’s, so nothing was changed.')
