@extends('errors.minimal')
@section('title', 'The database is away')
@section('message', 'Evrent is bringing it back, and opens this page by itself as soon as it is there. What you typed waits in this browser.')
@section('again', '2')
